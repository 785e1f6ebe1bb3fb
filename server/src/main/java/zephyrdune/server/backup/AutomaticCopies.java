package zephyrdune.server.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import zephyrdune.server.sets.SetStore;

/** A copy of everything at every start and once a day, and an end to what was deleted long ago. */
@Component
class AutomaticCopies implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(AutomaticCopies.class);
    private static final long HOURS = 24;

    private final BackupStore store;
    private final SetStore sets;
    private final CopySettings settings;
    private final Clock clock;
    private final ScheduledExecutorService daily = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "copies");
        thread.setDaemon(true);
        return thread;
    });

    AutomaticCopies(
            JdbcClient jdbc,
            PlatformTransactionManager transactions,
            SetStore sets,
            CopySettings settings,
            Clock clock) {
        store = new BackupStore(jdbc, transactions);
        this.sets = sets;
        this.settings = settings;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void started() {
        daily.scheduleWithFixedDelay(this::copy, 0, HOURS, TimeUnit.HOURS);
    }

    private void copy() {
        if (settings.most() == 0 || settings.folder().isEmpty()) {
            return;
        }
        try {
            new Copies(Path.of(settings.folder()), settings.most(), clock).keep(store.read());
            sets.forgetDeleted();
        } catch (IOException | RuntimeException e) {
            // tomorrow it is tried again
            LOG.error("no copy could be made in {}: {}", settings.folder(), e.toString());
        }
    }

    @Override
    public void destroy() {
        daily.shutdownNow();
    }
}
