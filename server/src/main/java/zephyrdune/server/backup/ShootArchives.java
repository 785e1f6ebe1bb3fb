package zephyrdune.server.backup;

import java.time.Clock;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.formats.ShootFormat;

/** Shoots written to archives, and brought in from them beside what is there. */
@Component
class ShootArchives {

    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private final BackupStore store;
    private final Clock clock;

    ShootArchives(JdbcClient jdbc, PlatformTransactionManager transactions, Clock clock) {
        store = new BackupStore(jdbc, transactions);
        this.clock = clock;
    }

    /** The archive of a shoot; nothing when there is no such shoot. */
    Optional<byte[]> write(UUID shoot) {
        return store.shoot(shoot)
                .map(found -> ShootArchive.write(store.read(found, sets(found.document())), clock.instant()));
    }

    private static Set<UUID> sets(JsonNode shoot) {
        Set<UUID> sets = new HashSet<>();
        for (JsonNode dish : shoot.path("dishes")) {
            for (JsonNode shot : dish.path("shots")) {
                String id = shot.path("set").path("id").asString("");
                if (ID.matcher(id).matches()) {
                    sets.add(UUID.fromString(id));
                }
            }
        }
        return sets;
    }

    /**
     * Takes a shoot in: everything of it anew, so that nothing that is there changes. The kit stays as it is here.
     *
     * @return the shoot as it is kept here
     */
    UUID takeIn(byte[] archive) throws BadBackup {
        Kept kept = ShootArchive.read(archive);
        Map<UUID, UUID> anew = new HashMap<>();
        KeptShoot shoot = kept.shoots().get(0);
        requireGood(kept, shoot);
        kept.sets().forEach(set -> anew.put(set.id(), UUID.randomUUID()));
        kept.takes().forEach(take -> anew.put(take.id(), UUID.randomUUID()));
        kept.frames().forEach(frame -> anew.put(frame.id(), UUID.randomUUID()));
        KeptShoot here = shoot.here(UUID.randomUUID(), document(shoot.document(), anew), clock);
        store.add(new Kept(
                kept.sets().stream().map(set -> set.as(anew.get(set.id()))).toList(),
                kept.takes().stream()
                        .map(take -> take.as(anew.get(take.id()), anew.get(take.set())))
                        .toList(),
                kept.frames().stream()
                        .map(frame -> frame.as(anew.get(frame.id()), anew.get(frame.set())))
                        .toList(),
                kept.meterReadings().stream()
                        .map(meter -> meter.as(UUID.randomUUID(), anew.get(meter.set())))
                        .toList(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(here),
                kept.notes().stream()
                        .filter(note -> anew.containsKey(note.record()))
                        .map(note -> new Kept.KeptNote(anew.get(note.record()), note.notes(), note.rating()))
                        .toList(),
                List.of()));
        return here.id();
    }

    private static void requireGood(Kept kept, KeptShoot shoot) throws BadBackup {
        try {
            ShootFormat.read(shoot.document());
            for (Kept.KeptSet set : kept.sets()) {
                SetFormat.read(set.document());
            }
        } catch (BadFile e) {
            throw new BadBackup("A document in it is not as it has to be: " + e.getMessage());
        }
    }

    /** The shoot on the sets as they are kept here. */
    private static JsonNode document(JsonNode shoot, Map<UUID, UUID> anew) {
        JsonNode here = shoot.deepCopy();
        for (JsonNode dish : here.path("dishes")) {
            for (JsonNode shot : dish.path("shots")) {
                String id = shot.path("set").path("id").asString("");
                if (ID.matcher(id).matches() && anew.containsKey(UUID.fromString(id))) {
                    ((ObjectNode) shot.path("set"))
                            .put("id", anew.get(UUID.fromString(id)).toString());
                }
            }
        }
        return here;
    }
}
