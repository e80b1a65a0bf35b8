package fairacre.server.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/** How sessions are kept. */
@Configuration
class SessionConfiguration {

    /**
     * When somebody was last there is noted to the minute: a session that lasts thirty days needs no better, and a preview while a
     * bed is dragged would otherwise wait for the disk. All else about a session is written at once.
     */
    private static final String UPDATE = """
            UPDATE %TABLE_NAME% kept
            SET SESSION_ID = now.id, LAST_ACCESS_TIME = now.last_access, MAX_INACTIVE_INTERVAL = now.interval,
                EXPIRY_TIME = now.expiry, PRINCIPAL_NAME = now.principal
            FROM (VALUES (?, ?::bigint, ?::int, ?::bigint, ?::varchar)) AS now (id, last_access, interval, expiry, principal)
            WHERE kept.PRIMARY_ID = ?
                AND (kept.SESSION_ID <> now.id OR kept.PRINCIPAL_NAME IS DISTINCT FROM now.principal
                    OR kept.MAX_INACTIVE_INTERVAL <> now.interval OR kept.LAST_ACCESS_TIME < now.last_access - 60000)
            """;

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> lastAccessToTheMinute() {
        return repository -> repository.setUpdateSessionQuery(UPDATE);
    }
}
