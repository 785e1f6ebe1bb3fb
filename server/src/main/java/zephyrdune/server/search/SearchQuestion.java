package zephyrdune.server.search;

import java.util.Optional;
import java.util.Set;
import zephyrdune.answers.next.Means;
import zephyrdune.answers.next.Schools;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.measure.Refused;

/**
 * What is looked for: placements of a set that have its look.
 *
 * @param kit what there is to put up
 * @param pinned what stays as it is
 * @param seed another one may find others; the same finds the same
 */
record SearchQuestion(TableSet set, Kit kit, Set<Means.Pin> pinned, Schools schools, long seed) {

    /** @throws Refused where the set has no look */
    NamedLook look() {
        return Optional.of(set.look())
                .filter(NamedLook.class::isInstance)
                .map(NamedLook.class::cast)
                .orElseThrow(() -> new Refused("set.look", "There is no look to search for; choose one first"));
    }

    Means means() {
        return new Means(kit, pinned, schools);
    }
}
