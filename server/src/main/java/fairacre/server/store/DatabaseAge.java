package fairacre.server.store;

import java.util.Optional;
import java.util.stream.Stream;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Brings the database up to this program; one that a newer program has used is left alone. */
@Configuration
class DatabaseAge {

    @Bean
    FlywayMigrationStrategy migrateUnlessNewer() {
        return flyway -> {
            Optional<MigrationVersion> newer = Stream.of(flyway.info().applied())
                    .filter(migration -> !migration.getState().isResolved())
                    .map(MigrationInfo::getVersion)
                    .findFirst();
            if (newer.isPresent()) {
                throw new NewerDatabaseException(newer.get().getVersion());
            }
            flyway.migrate();
        };
    }

    /** The database was changed by a newer program. */
    static final class NewerDatabaseException extends RuntimeException {

        private static final long serialVersionUID = 1L;

        NewerDatabaseException(String version) {
            super("a newer Fair Acre has used this database (its step " + version + " is not known here)");
        }
    }

    /** Says it in the log in plain words. */
    static final class Analyzer extends AbstractFailureAnalyzer<NewerDatabaseException> {
        @Override
        protected FailureAnalysis analyze(Throwable failure, NewerDatabaseException newer) {
            return new FailureAnalysis(
                    newer.getMessage() + "; nothing was changed.",
                    "Start the newer program, or restore a backup that was made with this one.",
                    newer);
        }
    }
}
