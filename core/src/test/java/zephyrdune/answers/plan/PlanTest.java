package zephyrdune.answers.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Light;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

public class PlanTest {

    @DataProvider
    Object[][] rings() {
        return new Object[][] {{1}, {-1}, {-2.5}, {0}};
    }

    /** A light put on the ring gives what the ring says. */
    @Test(dataProvider = "rings")
    public void ringsHoldTheirStops(double stops) {
        Light aside = Sets.softbox(0.6, 0.9, 2, 0.7, 0.9, new Aim(0.1, -0.05, 0.02));
        for (Light light : new Light[] {box(0.6, 0.6, 10, 40, 0.9), aside}) {
            TableSet set = Sets.lit(light);
            Vector3D hero = Vector3D.of(0, 0, set.dish().top());
            double now = KeyLight.of(set).heroIlluminance();
            StopRing ring = StopRing.of(set, stops);
            assertThat(ring.places()).hasSize(72);
            for (Vector3D place : ring.places()) {
                Light moved = moved(light, place);
                double there = Illuminance.uniform(EmittingFace.of(moved)).at(hero, Vector3D.Unit.PLUS_Z);
                assertThat(Stops.between(there, now)).isCloseTo(stops, within(1e-3));
            }
        }
    }

    private static Light moved(Light light, Vector3D place) {
        Vector3D fromAim = place.subtract(light.aim().point());
        double clock = (Math.atan2(fromAim.getX(), fromAim.getY()) + 2 * Math.PI) % (2 * Math.PI);
        return light.withClock(clock).withDistance(fromAim.norm());
    }

    @Test
    public void noRingWhereNoDistanceGivesIt() {
        assertThat(StopRing.of(Sets.lit(box(0.6, 0.6, 10, 40, 0.9)), 6).places())
                .isEmpty();
        assertThat(StopRing.of(Sets.lit(box(0.6, 0.6, 10, 40, 0.9)), -9).places())
                .isEmpty();
    }

    @Test
    public void mapIsInStopsFromTheHero() {
        TableSet set = Sets.chowder();
        KeyLight key = KeyLight.of(set);
        StopMap map = StopMap.of(key, 0.5, 11);
        assertThat((double) map.stops()[60]).isCloseTo(key.levelStops(0, 0, 0), within(1e-6));
        assertThat((double) map.stops()[0]).isCloseTo(key.levelStops(-0.5, -0.5, 0), within(1e-6));
        assertThat((double) map.stops()[10]).isCloseTo(key.levelStops(0.5, -0.5, 0), within(1e-6));
        assertThat(key.levelStops(0, 0, set.dish().top())).isZero();
        double there = Illuminance.uniform(EmittingFace.of(set.light())).level(0.5, -0.5, 0);
        assertThat(key.levelStops(0.5, -0.5, 0))
                .isCloseTo(Math.log(there / key.heroIlluminance()) / Math.log(2), within(1e-12));
    }

    /** While the set is moved only a map that takes long has fewer points, at every second place. */
    @Test
    public void aMapThatTakesLongIsCoarseWhileMoving() {
        Plan soon = Plan.whileMoving(Sets.chowder(), 1, 9);
        assertThat(soon.coarse()).isFalse();
        assertThat(soon.map().stops())
                .isEqualTo(Plan.of(Sets.chowder(), 1, 9).map().stops());
        TableSet flagged = Sets.chowder()
                .withCards(List.of(new Card(Surface.BLACK_PAPER, 0.4, 0.4, 10 * Math.PI / 6, 0.45, 0.3, 0, 0)));
        Plan moving = Plan.whileMoving(flagged, 1, 9);
        Plan still = Plan.of(flagged, 1, 9);
        assertThat(moving.coarse()).isTrue();
        assertThat(still.coarse()).isFalse();
        assertThat(moving.map().size()).isEqualTo(5);
        for (int i = 0; i < 25; i++) {
            assertThat(moving.map().stops()[i]).isEqualTo(still.map().stops()[i / 5 * 18 + i % 5 * 2]);
        }
    }

    @Test
    public void frameLiesOnTheTableOrTheBackdrop() {
        Plan plan = Plan.of(Sets.chowder(), 1, 5);
        assertThat(plan.frame())
                .hasSize(4)
                .allSatisfy(corner -> assertThat(Math.abs(corner.getZ()) < 1e-9 || Math.abs(corner.getY() - 1.2) < 1e-9)
                        .isTrue());
        assertThat(plan.rings()).extracting(StopRing::stops).containsExactly(2.0, 1.0, 0.0, -1.0, -2.0, -3.0);
    }
}
