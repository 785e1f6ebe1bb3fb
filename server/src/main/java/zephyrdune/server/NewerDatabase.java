package zephyrdune.server;

import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Sets that a newer version of the application has saved are left alone: this one would not know what it does to them. */
public final class NewerDatabase extends RuntimeException {

    private static final long serialVersionUID = 1;

    private NewerDatabase() {
        super("These sets were kept by a newer Zephyrdune than this one. Nothing was changed");
    }

    /** Brings a database up to this version. */
    public static void migrate(Flyway flyway) {
        if (Arrays.stream(flyway.info().all())
                .map(MigrationInfo::getState)
                .anyMatch(state -> state == MigrationState.FUTURE_SUCCESS || state == MigrationState.FUTURE_FAILED)) {
            throw new NewerDatabase();
        }
        flyway.migrate();
    }

    @Configuration
    static class Check {

        @Bean
        FlywayMigrationStrategy refuseNewer() {
            return NewerDatabase::migrate;
        }
    }

    /** Says it in words. */
    static final class Analyzer extends AbstractFailureAnalyzer<NewerDatabase> {

        @Override
        protected FailureAnalysis analyze(Throwable root, NewerDatabase cause) {
            return new FailureAnalysis(
                    cause.getMessage(), "Start the newer version, or name another folder with ZEPHYRDUNE_HOME.", cause);
        }
    }
}
