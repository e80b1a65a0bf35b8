package fairacre.server.security;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;

/**
 * Notes when somebody was last there to the minute: a session that lasts thirty days needs no better, and then most
 * requests write nothing. All else about a session is written at once.
 */
final class MinuteSessions<S extends Session> implements SessionRepository<MinuteSessions.Noted<S>> {

    private static final Duration MINUTE = Duration.ofMinutes(1);

    private final SessionRepository<S> sessions;

    MinuteSessions(SessionRepository<S> sessions) {
        this.sessions = sessions;
    }

    @Override
    public Noted<S> createSession() {
        return new Noted<>(sessions.createSession());
    }

    @Override
    public void save(Noted<S> session) {
        sessions.save(session.kept);
    }

    @Override
    public Noted<S> findById(String id) {
        S found = sessions.findById(id);
        return found == null ? null : new Noted<>(found);
    }

    @Override
    public void deleteById(String id) {
        sessions.deleteById(id);
    }

    /** A session that doesn't count an access within a minute of the last as a change. */
    static final class Noted<S extends Session> implements Session {

        private final S kept;

        private Noted(S kept) {
            this.kept = kept;
        }

        @Override
        public void setLastAccessedTime(Instant now) {
            if (now.isAfter(kept.getLastAccessedTime().plus(MINUTE))) {
                kept.setLastAccessedTime(now);
            }
        }

        @Override
        public String getId() {
            return kept.getId();
        }

        @Override
        public String changeSessionId() {
            return kept.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return kept.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return kept.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            kept.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            kept.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return kept.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return kept.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            kept.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return kept.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return kept.isExpired();
        }
    }
}
