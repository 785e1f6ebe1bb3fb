package zephyrdune.answers.search;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.answers.look.Fit;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Light;
import zephyrdune.units.measure.ClockWords;
import zephyrdune.units.measure.Lengths;

/**
 * A placement that was found.
 *
 * @param fit where it lies in the look's bands
 * @param changes what has to be carried and moved from the set on the table, each in a few words
 * @param headroom stops of power that are left
 */
public record Placement(TableSet set, Fit fit, List<String> changes, double headroom) {

    /** Within this nobody moves a light: two minutes of the clock, a degree, half a centimetre. */
    private static final double SAME_ANGLE = Math.toRadians(1);

    private static final double SAME_LENGTH = 0.005;

    public Placement {
        changes = List.copyOf(changes);
    }

    static Placement of(TableSet before, Candidate found, Fit fit) {
        TableSet set = found.set();
        double headroom = MeteredExposure.of(set, KeyLight.of(set)).wantedBelow();
        return new Placement(set, fit, changes(before, found), headroom);
    }

    private static List<String> changes(TableSet before, Candidate found) {
        Light was = before.light();
        Light is = found.set().light();
        List<String> changes = new ArrayList<>();
        found.build()
                .shaper()
                .filter(shaper -> !shaper.on(was).equals(was))
                .ifPresent(shaper -> changes.add(shaper.name() + " on the light"));
        if (Math.abs(Math.IEEEremainder(is.clock() - was.clock(), 2 * Math.PI)) > SAME_ANGLE) {
            changes.add("light round to " + ClockWords.of(is.clock()));
        }
        if (Math.abs(is.heightAngle() - was.heightAngle()) > SAME_ANGLE) {
            changes.add("%s to %.0f°"
                    .formatted(is.heightAngle() > was.heightAngle() ? "up" : "down", Math.toDegrees(is.heightAngle())));
        }
        if (Math.abs(is.distance() - was.distance()) > SAME_LENGTH) {
            changes.add(
                    "%s to %s".formatted(is.distance() > was.distance() ? "back" : "in", Lengths.words(is.distance())));
        }
        CardPlan cards = found.build().cards();
        if (cards.clears() && !before.cards().isEmpty()) {
            changes.add(before.cards().size() == 1 ? "card away" : "cards away");
        }
        if (!cards.words().isEmpty()) {
            changes.add(cards.words());
        }
        if (found.set().exposure().bias() != before.exposure().bias()) {
            changes.add("expose %+.1f stops".formatted(found.set().exposure().bias()));
        }
        return changes;
    }
}
