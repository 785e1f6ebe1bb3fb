package zephyrdune.server.demo;

import java.io.IOException;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.KitFormat;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.kit.KitStore;
import zephyrdune.server.sets.SetStore;

/** Puts the demo sets, kit and shoot into a database once: what is changed or deleted afterwards stays so. */
@Component
@ConditionalOnProperty("zephyrdune.demo")
class DemoSets implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoSets.class);

    private final JdbcClient jdbc;
    private final SetStore store;
    private final KitStore kits;
    private final DemoShoot shoot;
    private final TransactionTemplate transaction;
    private final Clock clock;

    DemoSets(
            JdbcClient jdbc,
            SetStore store,
            KitStore kits,
            DemoShoot shoot,
            TransactionTemplate transaction,
            Clock clock) {
        this.jdbc = jdbc;
        this.store = store;
        this.kits = kits;
        this.shoot = shoot;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        transaction.executeWithoutResult(status -> {
            once("demo sets", this::load);
            once("demo kit", this::loadKit);
            once("demo shoot", shoot::load);
        });
    }

    private void once(String what, Runnable work) {
        int first = jdbc.sql("insert into done_once (what, done_at) values (?, ?) on conflict do nothing")
                .params(what, clock.instant().atOffset(ZoneOffset.UTC))
                .update();
        if (first == 1) {
            work.run();
        }
    }

    private void loadKit() {
        try {
            Resource file = new PathMatchingResourcePatternResolver().getResource("classpath:demo-kit.json");
            // a kit that somebody has begun stays theirs
            kits.replace(0, KitFormat.read(file.getContentAsByteArray()));
        } catch (IOException | BadFile e) {
            throw new IllegalStateException("the demo kit cannot be read", e);
        }
    }

    private void load() {
        try {
            Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
            // the set of the first file is saved last, and so heads the list
            List<Resource> lastFirst = Arrays.stream(files)
                    .sorted(Comparator.comparing(Resource::getFilename).reversed())
                    .toList();
            for (Resource file : lastFirst) {
                store.add(SetFormat.read(file.getContentAsByteArray()));
            }
            LOG.info("loaded {} demo sets", lastFirst.size());
        } catch (IOException | BadFile e) {
            throw new IllegalStateException("the demo sets cannot be read", e);
        }
    }
}
