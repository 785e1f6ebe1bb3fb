package zephyrdune.server.shoots;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.sets.SetStore;
import zephyrdune.server.sets.StoredSet;
import zephyrdune.set.TableSet;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.MeasuredSet;

/** The sets that a shoot's pictures are taken on, as far as they are still there. */
@Component
class ShootSets {

    private final SetStore sets;

    ShootSets(SetStore sets) {
        this.sets = sets;
    }

    Map<String, MeasuredSet> measured(Shoot shoot) {
        Map<String, MeasuredSet> kept = new LinkedHashMap<>();
        for (String id : ids(shoot)) {
            set(id).ifPresent(set -> kept.put(id, MeasuredSet.of(set)));
        }
        return kept;
    }

    /** Nothing for one that was deleted, or that cannot be read. */
    Optional<TableSet> set(String id) {
        try {
            Optional<JsonNode> tree = sets.find(UUID.fromString(id)).map(StoredSet::set);
            return tree.isEmpty() ? Optional.empty() : Optional.of(SetFormat.read(tree.get()));
        } catch (IllegalArgumentException | BadFile e) {
            return Optional.empty();
        }
    }

    List<String> missing(Shoot shoot, Map<String, MeasuredSet> kept) {
        return ids(shoot).stream().filter(id -> !kept.containsKey(id)).sorted().toList();
    }

    private static Set<String> ids(Shoot shoot) {
        Set<String> ids = new LinkedHashSet<>();
        shoot.dishes()
                .forEach(dish -> dish.shots().forEach(shot -> {
                    if (shot.set() instanceof KeptSet kept) {
                        ids.add(kept.id());
                    }
                }));
        return ids;
    }
}
