package zephyrdune.oracle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import zephyrdune.answers.fill.Fill;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.shadow.ShadowDepth;
import zephyrdune.light.falloff.FallOff;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.metering.MeteredLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Light;
import zephyrdune.units.measure.Stops;

/** Readings of sets at random against light followed by brute force. */
public class OracleTest {

    private static final int SETS = Integer.getInteger("oracle.sets", 48);
    private static final int PATHS = Integer.getInteger("oracle.paths", 20_000);
    private static final int GRID = 48;
    private static final double[] UP = {0, 0, 1};

    private record Tried(int number, TableSet set, KeyLight key, Oracle oracle) {}

    private final List<Tried> tried = new ArrayList<>();

    @BeforeClass
    public void sets() {
        RandomSets sets = new RandomSets(20261127);
        for (int i = 0; i < SETS; i++) {
            TableSet set = sets.next();
            tried.add(new Tried(i, set, KeyLight.of(set), new Oracle(set, i)));
        }
    }

    /** Differences in stops of one reading over all sets. */
    private static final class Differences {
        private final List<Double> stops = new ArrayList<>();

        /** Of those that tell a standard error: that, and what they were off by. */
        private final List<Double> said = new ArrayList<>();

        private final List<Double> every = new ArrayList<>();
        private final StringBuilder words = new StringBuilder();

        /** A reading that says itself how unsure it is has to be within three times that. */
        void add(Tried one, double told, double found, double error) {
            said.add(error);
            every.add(Math.abs(told - found));
            if (error > Reading.SURE) {
                assertThat(told)
                        .as("set %d, said to be unsure by %.3f", one.number, error)
                        .isCloseTo(found, within(3 * error));
            } else {
                add(one, told, found);
            }
        }

        void add(Tried one, double told, double found) {
            double off = told - found;
            stops.add(Math.abs(off));
            words.append("%n%d: told %.3f, found %.3f: %+.3f".formatted(one.number, told, found, off));
        }

        private static double rootMeanSquare(List<Double> some) {
            return Math.sqrt(
                    some.stream().mapToDouble(one -> one * one).average().orElse(0));
        }

        void are(int atLeast, double rms, double worst) {
            assertThat(stops.size()).as("sets it can be told of").isGreaterThanOrEqualTo(atLeast);
            double found = rootMeanSquare(stops);
            double most = stops.stream().mapToDouble(off -> off).max().orElseThrow();
            if (Boolean.getBoolean("oracle.print")) {
                System.out.printf("%d sets: %.4f root mean square, %.4f at worst%n", stops.size(), found, most);
                System.out.printf(
                        "of %d: told %.4f, true %.4f%s%n",
                        said.size(), rootMeanSquare(said), rootMeanSquare(every), words);
            }
            assertThat(found).as("root mean square%s", words).isLessThan(rms);
            assertThat(most).as("worst%s", words).isLessThan(worst);
        }
    }

    private static double[] array(Vector3D at) {
        return at.toArray();
    }

    private static double straight(Tried one, Vector3D place, double[] normal) {
        return one.oracle.at(array(place), normal, false, 3 * GRID, 0).straight();
    }

    /** Straight light past cards: on the hero's top, across the hero, across the frame, on the backdrop. */
    @Test
    public void lightStraightFromTheFace() {
        Differences hero = new Differences();
        Differences fallOff = new Differences();
        for (Tried one : tried) {
            double luminance = one.key.face().luminance();
            double found = straight(one, Vector3D.of(0, 0, one.set.dish().top()), UP);
            if (found > 1e-4) {
                hero.add(one, Stops.between(one.key.heroIlluminance(), luminance), Stops.between(found, 1));
            }
            FallOff across = FallOff.acrossHero(one.set, one.key);
            double near = straight(one, across.from(), UP);
            double far = straight(one, across.to(), UP);
            if (!one.key.patterned() && near > 1e-4 && far > 1e-4) {
                fallOff.add(one, across.stops(), Stops.between(far, near));
            }
        }
        hero.are(30, 0.01, 0.03);
        fallOff.are(30, 0.01, 0.03);
    }

    /** Where the hero's sides and its shadow are. */
    @Test
    public void placesLieOnTheHeroAndInItsShadow() {
        for (Tried one : tried) {
            Light light = one.set.light();
            double x = Math.sin(light.clock());
            double y = Math.cos(light.clock());
            Fill fill = Fill.of(one.set, one.key).orElseThrow();
            double half = one.set.dish().height() / 2;
            double[][] lit = one.oracle.side(x, y, half);
            double[][] shadow = one.oracle.side(-x, -y, half);
            // a drum's outline is its wider end, up to a tenth of its width off its side at half its height
            assertThat(Vec.length(Vec.less(array(fill.lit().place()), lit[0])))
                    .as("lit side %d", one.number)
                    .isLessThan(0.06);
            assertThat(Vec.length(Vec.less(array(fill.shadow().place()), shadow[0])))
                    .isLessThan(0.06);
            TableShadow found = TableShadow.of(one.set).orElseThrow();
            double[] foot = one.oracle.side(-x, -y, 1e-6)[0];
            double length = one.oracle.hiddenUntil(foot, -x, -y);
            if (!found.hidden()) {
                double told = found.tip().norm();
                assertThat(told)
                        .as("tip %d", one.number)
                        .isCloseTo(Math.hypot(foot[0], foot[1]) + length, within(1e-5));
            }
        }
    }

    /** What a meter on the hero's top has: by the key straight and by other ways, and by the room. */
    @Test
    public void allLightOnTheHero() {
        Differences light = new Differences();
        Differences room = new Differences();
        for (Tried one : tried) {
            MeteredLight metered = MeteredExposure.of(one.set, one.key).light();
            Oracle.Got got = one.oracle.at(array(one.key.brightest()), UP, true, 3 * GRID, PATHS);
            light.add(one, Stops.between(metered.dimmed(), one.key.face().luminance()), Stops.between(got.all(), 1));
            if (one.set.ambient().illuminance() > 0) {
                double sky = one.set.ambient().now() * one.set.exposure().exactShutter() / Math.PI;
                room.add(one, Stops.between(metered.ambient(), sky), Stops.between(Oracle.Got.luminance(got.sky()), 1));
            }
        }
        light.are(40, 0.02, 0.06);
        room.are(8, 0.02, 0.06);
    }

    private static double weight(Tried one) {
        // of the sky against a face of luminance 1: the room's light and the key's, as each gets into the frame
        MeteredExposure hero = MeteredExposure.of(one.set, one.key);
        double key = one.key.face().luminance() * Stops.ratio(-hero.below());
        return one.set.ambient().now() * one.set.exposure().exactShutter() / Math.PI / key;
    }

    private static double all(Tried one, double[] place, double[] normal, boolean withHero) {
        Oracle.Got got = one.oracle.at(place, normal, withHero, GRID, PATHS);
        return got.all() + weight(one) * Oracle.Got.luminance(got.sky());
    }

    @Test
    public void litSideAgainstShadowSide() {
        Differences differences = new Differences();
        for (Tried one : tried) {
            Fill fill = Fill.of(one.set, one.key).orElseThrow();
            double lit = all(one, array(fill.lit().place()), array(fill.lit().facing()), true);
            double shadow =
                    all(one, array(fill.shadow().place()), array(fill.shadow().facing()), true);
            if (Double.isFinite(fill.litToShadow())) {
                differences.add(
                        one,
                        fill.litToShadow(),
                        Stops.between(lit, shadow),
                        fill.with().error());
            }
        }
        differences.are(30, 0.03, 0.1);
    }

    @Test
    public void depthOfTheShadow() {
        Differences differences = new Differences();
        for (Tried one : tried) {
            ShadowDepth.of(one.set, one.key).ifPresent(depth -> {
                double[] place = {depth.place().getX(), depth.place().getY(), 0};
                double there = all(one, place, UP, true);
                double without = all(one, place, UP, false);
                if (Double.isFinite(depth.stops())) {
                    differences.add(one, depth.stops(), Stops.between(without, there), depth.error());
                }
            });
        }
        differences.are(30, 0.03, 0.1);
    }
}
