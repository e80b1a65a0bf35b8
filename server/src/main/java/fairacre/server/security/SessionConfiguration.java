package fairacre.server.security;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.transaction.support.TransactionOperations;

/**
 * How sessions are kept, so that a preview while a bed is dragged asks the database once for its session and doesn't
 * wait for the disk.
 */
@Configuration
class SessionConfiguration {

    /**
     * Each statement stands for itself: a session of which only the first was written has nobody signed in, and signing
     * in again mends it.
     */
    @Bean
    TransactionOperations springSessionTransactionOperations() {
        return TransactionOperations.withoutTransaction();
    }

    @Bean
    static BeanPostProcessor lastAccessToTheMinute() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository sessions ? toTheMinute(sessions) : bean;
            }
        };
    }

    @SuppressWarnings("unchecked")
    private static <S extends Session> MinuteSessions<S> toTheMinute(SessionRepository<?> sessions) {
        return new MinuteSessions<>((SessionRepository<S>) sessions);
    }
}
