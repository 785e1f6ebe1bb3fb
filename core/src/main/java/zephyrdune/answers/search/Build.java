package zephyrdune.answers.search;

import java.util.List;
import java.util.Optional;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.light.Light;

/**
 * What is put up, whatever its place.
 *
 * @param shaper on the light; the present one where there is none
 */
record Build(Optional<Shaper> shaper, CardPlan cards) {

    /** The light of a set with its shaper. */
    Light on(Light light) {
        return shaper.map(each -> each.on(light)).orElse(light);
    }

    /**
     * A set with its light in some place, and the cards.
     *
     * @throws zephyrdune.units.measure.Refused where that could not stand
     */
    TableSet on(TableSet set, Light light) {
        return cards.clears() ? cards.on(set.withCards(List.of()).withLight(light)) : set.withLight(light);
    }
}
