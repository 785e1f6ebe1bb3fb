package zephyrdune.server.backup;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.TransactionException;
import zephyrdune.server.NewerDatabase;

/** {@code backup FILE} and {@code restore FILE}, on the database that the environment names. */
public final class BackupCommand {

    static final int OK = 0;
    static final int REFUSED = 1;
    static final int FAILED = 2;

    /** Enough that a copy before a restore never drives out another. */
    private static final int KEPT = 1000;

    private final BackupStore store;
    private final Path copies;
    private final Clock clock;
    private final PrintStream out;
    private final PrintStream err;

    BackupCommand(DataSource database, Path copies, Clock clock, PrintStream out, PrintStream err) {
        store = new BackupStore(JdbcClient.create(database), new JdbcTransactionManager(database));
        this.copies = copies;
        this.clock = clock;
        this.out = out;
        this.err = err;
    }

    public static void main(String[] arguments) {
        // what libraries have to say is of no interest here
        ((Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.WARN);
        Map<String, String> given = System.getenv();
        DataSource database = new DriverManagerDataSource(
                given.get("ZEPHYRDUNE_DB_URL"), given.get("ZEPHYRDUNE_DB_USER"), given.get("ZEPHYRDUNE_DB_PASSWORD"));
        try {
            // a database that is new, or older than this program
            NewerDatabase.migrate(Flyway.configure().dataSource(database).load());
        } catch (NewerDatabase e) {
            System.err.println("zephyrdune: " + e.getMessage());
            System.exit(REFUSED);
        }
        BackupCommand command = new BackupCommand(
                database, Path.of(given.get("ZEPHYRDUNE_BACKUPS")), Clock.systemUTC(), System.out, System.err);
        System.exit(command.run(arguments[0], Path.of(arguments[1])));
    }

    int run(String what, Path file) {
        try {
            if (what.equals("backup")) {
                backup(file);
            } else {
                restore(file);
            }
            return OK;
        } catch (BadBackup e) {
            err.println("zephyrdune: %s: %s. Nothing was changed".formatted(file, e.getMessage()));
            return REFUSED;
        } catch (NoSuchFileException e) {
            err.println("zephyrdune: there is no such file or folder: %s".formatted(e.getFile()));
        } catch (IOException e) {
            err.println("zephyrdune: %s cannot be read or written: %s".formatted(file, e.getMessage()));
        } catch (DataAccessException | TransactionException e) {
            err.println("zephyrdune: the database did not answer as expected; nothing was changed");
        }
        return FAILED;
    }

    private void backup(Path file) throws IOException {
        if (Files.isDirectory(file)) {
            throw new IOException("it is a folder; name a file");
        }
        Kept kept = store.read();
        BackupFile.write(file, kept, clock.instant());
        out.printf("%d sets%s are in %s%n", kept.sets().size(), kept.kit().isPresent() ? " and the kit" : "", file);
    }

    private void restore(Path file) throws IOException, BadBackup {
        if (!Files.exists(file)) {
            throw new NoSuchFileException(file.toString());
        }
        Kept kept = BackupFile.read(file);
        Kept before = store.read();
        if (!before.sets().isEmpty() || before.kit().isPresent()) {
            out.printf("What was there is in %s%n", new Copies(copies, KEPT, clock).keep(before));
        }
        store.replace(kept);
        out.printf("%d sets%s are back%n", kept.sets().size(), kept.kit().isPresent() ? " and the kit" : "");
    }
}
