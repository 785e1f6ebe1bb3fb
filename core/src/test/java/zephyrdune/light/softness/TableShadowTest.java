package zephyrdune.light.softness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Light;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/** Shadow edge and length against similar triangles. */
public class TableShadowTest {

    /** A 20 cm high, thin post. */
    private static TableSet post(Light light) {
        return chowder()
                .withDish(new Drum(0.02, 0.02, 0.2, Surface.CREAM, Surface.CREAM))
                .withLight(light);
    }

    /** A drum 2 cm high: its edges lie close to the table. */
    private static TableSet low(Light light) {
        return chowder()
                .withDish(new Drum(0.1, 0.1, 0.02, Surface.CREAM, Surface.CREAM))
                .withLight(light);
    }

    @Test
    public void lengthIsHeightOverTangent() {
        for (double angle : new double[] {30, 45, 60, 80}) {
            TableShadow shadow =
                    TableShadow.of(post(box(0.05, 0.05, 9, angle, 1.1))).orElseThrow();
            Vector3D toLight = box(0.05, 0.05, 9, angle, 1.1).centre().subtract(shadow.tipEdge());
            double seenFromRim = Math.atan2(toLight.getZ(), Math.hypot(toLight.getX(), toLight.getY()));
            assertThat(shadow.length()).isCloseTo(0.2 / Math.tan(seenFromRim), within(1e-12));
        }
    }

    @Test
    public void farLightThrowsTheTextbookLength() {
        // h / tan(height angle) once the light is far: common practice, no published source
        TableShadow shadow = TableShadow.of(chowder()
                        .withDish(new Block(0.01, 0.01, 0.05, Surface.CREAM))
                        .withLight(box(0.05, 0.05, 9, 45, 10)))
                .orElseThrow();
        assertThat(shadow.length()).isCloseTo(0.05, within(5e-4));
    }

    @Test
    public void tipLiesOppositeTheLight() {
        for (double clock : new double[] {1, 4, 7.5, 10}) {
            TableShadow shadow =
                    TableShadow.of(Sets.lit(box(0.3, 0.3, clock, 45, 0.7))).orElseThrow();
            double towards = Math.atan2(shadow.tip().getX(), shadow.tip().getY()) / (Math.PI / 6);
            assertThat((towards - clock + 24) % 12).isCloseTo(6, within(1e-9));
        }
    }

    /** A small face, of size s, height angle in degrees: the edge is s b / (a sin i) at the tip and s b / a at the side. */
    @DataProvider
    Object[][] smallFaces() {
        return new Object[][] {{0.02, 30.0, 1.0}, {0.02, 45.0, 1.0}, {0.02, 70.0, 1.1}, {0.02, 60.0, 0.6}};
    }

    @Test(dataProvider = "smallFaces")
    public void edgeOfASmallFace(double size, double angle, double distance) {
        Light light = box(size, size, 9, angle, distance);
        TableShadow shadow = TableShadow.of(post(light)).orElseThrow();
        double a = light.centre().distance(shadow.tipEdge());
        double b = shadow.tipEdge().distance(shadow.tip());
        double sine = shadow.tipEdge().getZ() / b;
        // the face is square to the ray to the hero point, not to the rim: seen from there it is a little foreshortened
        double foreshortened =
                light.centre().subtract(shadow.tipEdge()).normalize().dot(light.direction());
        assertThat(shadow.atTip().width())
                .isCloseTo(
                        size * foreshortened * b / a / sine,
                        within(shadow.atTip().width() * 2e-3));
        double sideA = light.centre().distance(shadow.sideEdge());
        double sideB = shadow.sideEdge().distance(shadow.side());
        assertThat(shadow.atSide().width())
                .isCloseTo(size * sideB / sideA, within(shadow.atSide().width() * 0.03));
    }

    @Test
    public void edgeIsExactForALightStraightOverTheRim() {
        // a face of size s level at height H over a rim at height h: width s h / (H - h), by similar triangles
        double rim = 0.2;
        double high = 1.0;
        Light light = Sets.softbox(0.3, 0.3, 0, Math.PI / 2, high, new Aim(0.5, 0, 0));
        TableShadow shadow = TableShadow.of(post(light)).orElseThrow();
        assertThat(shadow.atTip().width()).isCloseTo(0.3 * rim / (high - rim), within(1e-12));
        assertThat(shadow.atSide().width()).isCloseTo(0.3 * rim / (high - rim), within(1e-12));
    }

    @Test
    public void twiceTheDistanceIsHalfAsSoft() {
        // common practice, no published source; it holds for a light that is small against its distance
        Light near = box(0.05, 0.05, 9, 45, 1.5);
        TableSet thin = chowder().withDish(Sets.sliver());
        double once =
                TableShadow.of(thin.withLight(near)).orElseThrow().atSide().width();
        double twice = TableShadow.of(thin.withLight(near.withDistance(3)))
                .orElseThrow()
                .atSide()
                .width();
        assertThat(twice / once).isCloseTo(0.5, within(0.01));
    }

    @Test
    public void equalSizeToDistanceIsEqualEdge() {
        // 30 cm at 30 cm, 75 at 75, 180 at 180: common practice, no published source; compared low over the table
        TableSet low = chowder().withDish(Sets.sliver());
        double[] widths = new double[3];
        double[] sizes = {0.3, 0.75, 1.8};
        for (int i = 0; i < 3; i++) {
            Light light = box(sizes[i], sizes[i], 7, 60, sizes[i]);
            widths[i] = TableShadow.of(low.withBackdrop(new Backdrop(5, 2, 1.5, Surface.CREAM))
                            .withLight(light))
                    .orElseThrow()
                    .atSide()
                    .width();
        }
        assertThat(widths[1]).isCloseTo(widths[0], within(widths[0] * 0.05));
        assertThat(widths[2]).isCloseTo(widths[0], within(widths[0] * 0.05));
    }

    @Test
    public void aStripIsSoftOneWayAndHardTheOther() {
        TableShadow lying = TableShadow.of(low(box(1.2, 0.3, 9, 50, 1.1))).orElseThrow();
        TableShadow upright = TableShadow.of(low(box(0.3, 1.2, 9, 50, 1.1))).orElseThrow();
        assertThat(lying.atSide().width()).isGreaterThan(2 * upright.atSide().width());
        assertThat(upright.atTip().width()).isGreaterThan(2 * lying.atTip().width());
    }

    @Test
    public void noEndWithoutALightAboveTheRim() {
        TableSet tall = chowder().withDish(new Drum(0.08, 0.08, 0.5, Surface.CREAM, Surface.CREAM));
        assertThat(TableShadow.of(tall.withLight(box(0.2, 0.2, 9, 20, 0.9)))).isEmpty();
        assertThat(TableShadow.middleOutline(tall.withLight(box(0.2, 0.2, 9, 20, 0.9))))
                .isEmpty();
        assertThat(TableShadow.of(Sets.lit(box(0.2, 0.2, 9, 90, 0.9)))).isEmpty();
        TableShadow partly =
                TableShadow.of(tall.withLight(box(0.6, 0.6, 9, 45, 0.8))).orElseThrow();
        assertThat(partly.atTip().width()).isInfinite();
    }

    @Test
    public void apparentAngle() {
        // 2 atan(s / 2D): a face as wide as it is far is seen under 53.13 degrees
        ApparentSize size = ApparentSize.from(Vector3D.ZERO, EmittingFace.of(box(0.9, 0.45, 3, 30, 0.9)));
        assertThat(size.across()).isCloseTo(1, within(1e-12));
        assertThat(size.along()).isCloseTo(0.5, within(1e-12));
        assertThat(Math.toDegrees(ApparentSize.angle(size.across()))).isCloseTo(53.130102, within(1e-6));
    }

    @Test
    public void pointsToTheHourOppositeTheLight() {
        for (double hour : new double[] {1, 3.5, 6, 8, 11}) {
            TableShadow shadow =
                    TableShadow.of(Sets.lit(box(0.3, 0.3, hour, 45, 0.7))).orElseThrow();
            assertThat((shadow.clock() * 6 / Math.PI + 24 - hour) % 12).isCloseTo(6, within(1e-9));
            assertThat(shadow.clock()).isBetween(0.0, 2 * Math.PI);
        }
    }

    @Test
    public void theRimThatReachesFarthestThrowsTheTip() {
        // a plate with a high helping: from a low light the food's edge throws the tip, from a high one the plate's
        Plate plate = new Plate(0.3, 0.02, Surface.CLAY, 0.1, 0.08, Surface.CREAM);
        TableSet set = chowder().withDish(plate);
        TableShadow low = TableShadow.of(set.withLight(box(0.1, 0.1, 8, 20, 1))).orElseThrow();
        TableShadow high =
                TableShadow.of(set.withLight(box(0.1, 0.1, 8, 75, 1))).orElseThrow();
        assertThat(low.tipEdge().getZ()).isCloseTo(plate.top(), within(1e-12));
        assertThat(high.tipEdge().getZ()).isCloseTo(0.02, within(1e-12));
        for (TableShadow shadow : List.of(low, high)) {
            assertThat(Math.atan2(shadow.tip().getX(), shadow.tip().getY()) * 6 / Math.PI)
                    .as("towards 2 o'clock")
                    .isCloseTo(2, within(1e-9));
        }
    }

    @Test
    public void middleOutlineIsTheDishAndItsProjection() {
        TableSet set =
                chowder().withDish(new Block(0.2, 0.1, 0.1, Surface.CREAM)).withLight(box(0.3, 0.3, 9, 45, 1));
        double z = set.light().centre().getZ();
        double share = z / (z - 0.1);
        List<Vector3D> points = TableShadow.middleOutline(set);
        assertThat(points)
                .hasSize(8)
                .allSatisfy(point -> assertThat(point.getZ()).isZero());
        assertThat(points)
                .anySatisfy(point ->
                        assertThat(point.distance(Vector3D.of(0.1, 0.05, 0))).isLessThan(1e-12));
        Vector3D light = set.light().centre();
        Vector3D projected =
                light.add(Vector3D.of(0.1, 0.05, 0.1).subtract(light).multiply(share));
        assertThat(points)
                .anySatisfy(point -> assertThat(point.distance(projected)).isLessThan(1e-12));
    }
}
