package zephyrdune.answers.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.InnerBaffle;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoInner;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * One way out when the light's control has come to its end, and what else it changes.
 *
 * @param way what is done
 * @param set after it
 * @param gained stops of exposure that it gives the hero, or takes where negative
 * @param left stops that are still missing after it; zero or less when it is enough
 * @param changes of other readings that one would notice
 */
public record PowerHelp(Way way, TableSet set, double gained, double left, List<Change> changes) {

    /** What can be done. */
    public enum Way {
        DISTANCE("Move the light"),
        SPEED("Change the ISO"),
        APERTURE("Change the aperture"),
        SHUTTER("Change the shutter"),
        BAFFLE("Take out the inner baffle");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final double NEARER = 0.97;
    private static final double NEAREST = 0.05;
    private static final double FARTHEST = 10;

    /** Within this the mark is right. */
    private static final double CLOSE = 0.05;

    /** The ways for a set whose control cannot be turned far enough; none where it can. */
    public static List<PowerHelp> of(TableSet set) {
        MeteredExposure hero = hero(set);
        double range = set.light().source().dial().range();
        double missing = -hero.wantedBelow();
        double over = hero.wantedBelow() - range;
        if (hero.dark() || missing <= CLOSE && over <= CLOSE) {
            return List.of();
        }
        double wanted = missing > CLOSE ? missing : -over;
        List<PowerHelp> ways = new ArrayList<>();
        closer(set, wanted).ifPresent(ways::add);
        Exposure now = set.exposure();
        camera(set, Way.SPEED, wanted, MarkedScale.SPEED, now.speed(), Stops.ratio(wanted), now::withSpeed)
                .ifPresent(ways::add);
        camera(
                        set,
                        Way.APERTURE,
                        wanted,
                        MarkedScale.APERTURE,
                        now.aperture(),
                        Stops.ratio(-wanted / 2),
                        now::withAperture)
                .ifPresent(ways::add);
        if (!set.light().source().flash()) {
            camera(set, Way.SHUTTER, wanted, MarkedScale.SHUTTER, now.shutter(), Stops.ratio(wanted), now::withShutter)
                    .ifPresent(ways::add);
        }
        if (wanted > 0 && set.light().filling() instanceof InBox box && box.inner() instanceof InnerBaffle) {
            ways.add(help(
                    Way.BAFFLE, set, set.withLight(set.light().withFilling(box.withInner(new NoInner()))), wanted));
        }
        return ways;
    }

    private static MeteredExposure hero(TableSet set) {
        return MeteredExposure.of(set, KeyLight.of(set));
    }

    /** Step by step, as far as it takes or can be. */
    private static Optional<PowerHelp> closer(TableSet set, double wanted) {
        double step = wanted > 0 ? NEARER : 1 / NEARER;
        TableSet best = null;
        double before = hero(set).wantedBelow();
        Light light = set.light();
        for (double at = light.distance() * step; at >= NEAREST && at <= FARTHEST; at *= step) {
            TableSet moved;
            try {
                moved = set.withLight(light.withDistance(at));
            } catch (Refused inTheWay) {
                break;
            }
            best = moved;
            double gained = hero(moved).wantedBelow() - before;
            if (wanted > 0 ? gained >= wanted : gained <= wanted) {
                break;
            }
        }
        return Optional.ofNullable(best).map(moved -> help(Way.DISTANCE, set, moved, wanted));
    }

    private static Optional<PowerHelp> camera(
            TableSet set,
            Way way,
            double wanted,
            MarkedScale scale,
            double now,
            double ratio,
            DoubleFunction<Exposure> with) {
        double found = scale.changed(now, ratio);
        if (found == now) {
            return Optional.empty();
        }
        try {
            return Optional.of(help(way, set, set.withExposure(with.apply(found)), wanted));
        } catch (Refused beyond) {
            return Optional.empty();
        }
    }

    private static PowerHelp help(Way way, TableSet before, TableSet after, double wanted) {
        double gained = hero(after).wantedBelow() - hero(before).wantedBelow();
        double left = wanted > 0 ? wanted - gained : gained - wanted;
        List<Change> changes = Change.between(
                        before,
                        after,
                        ReadingKind.TIP_EDGE_SEEN,
                        ReadingKind.FALL_OFF_HERO,
                        ReadingKind.BACKDROP_LEVEL,
                        ReadingKind.FACE_IN_USE,
                        ReadingKind.DEPTH_OF_FIELD,
                        ReadingKind.AMBIENT_FRAME)
                .stream()
                .filter(Change::noticed)
                .toList();
        return new PowerHelp(way, after, gained, left, changes);
    }
}
