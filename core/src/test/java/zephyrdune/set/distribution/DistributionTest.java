package zephyrdune.set.distribution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every distribution's flux against an integral over the hemisphere (Gauss-Legendre, Hipparchus). */
public class DistributionTest {

    private static final GaussIntegrator RULE = new GaussIntegratorFactory().legendre(8, 0, 1);

    /** Integral of the relative intensity over the hemisphere, in polar angle and turn. */
    static double overHemisphere(Distribution distribution, int panels) {
        double sum = 0;
        for (int i = 0; i < panels; i++) {
            for (int j = 0; j < 4 * panels; j++) {
                int ring = i;
                int wedge = j;
                sum += RULE.integrate(s -> RULE.integrate(t -> {
                    double theta = Math.PI / 2 * (ring + s) / panels;
                    double turn = 2 * Math.PI * (wedge + t) / (4 * panels);
                    return Math.sin(theta)
                            * distribution.relativeIntensity(
                                    Math.sin(theta) * Math.cos(turn),
                                    Math.sin(theta) * Math.sin(turn),
                                    Math.cos(theta));
                }));
            }
        }
        return sum * Math.PI / 2 / panels * 2 * Math.PI / (4 * panels);
    }

    @DataProvider
    Object[][] distributions() {
        return new Object[][] {
            {CosinePower.LAMBERTIAN, 1e-9},
            {new CosinePower(7.5), 1e-9},
            {CosinePower.ofBeamAngle(Math.toRadians(60)), 1e-9},
            {new GridCut(0.5), 1e-4},
            {new GridCut(1), 1e-4},
            {new GridCut(4), 1e-4},
            {Coverage.ofZoom(0.024), 2e-3},
            {Coverage.ofZoom(0.105), 2e-3},
        };
    }

    @Test(dataProvider = "distributions")
    public void fluxIsTheIntegralOverAllDirections(Distribution distribution, double tolerance) {
        double expected = overHemisphere(distribution, distribution instanceof Coverage ? 60 : 24);
        assertThat(distribution.flux()).isCloseTo(expected, within(tolerance * expected));
    }

    @Test(dataProvider = "distributions")
    public void oneOnTheAxisAndNothingBehind(Distribution distribution, double tolerance) {
        assertThat(distribution.relativeIntensity(0, 0, 1)).isEqualTo(1);
        assertThat(distribution.relativeIntensity(0, 0, -1)).isZero();
        assertThat(distribution.relativeIntensity(1, 0, 0)).isZero();
    }

    @Test
    public void beamAngleIsToHalf() {
        CosinePower beam = CosinePower.ofBeamAngle(Math.toRadians(50));
        assertThat(beam.relativeIntensity(Math.sin(Math.toRadians(25)), 0, Math.cos(Math.toRadians(25))))
                .isCloseTo(0.5, within(1e-12));
        // a Lambertian face's beam angle is 120 degrees: cos 60 is a half
        assertThat(CosinePower.ofBeamAngle(Math.toRadians(120)).power()).isCloseTo(1, within(1e-12));
    }

    @Test
    public void gridOfACellAsDeepAsWide() {
        // 1 - tan(theta) d / w: half at 26.57 degrees, nothing from 45 degrees on
        GridCut grid = new GridCut(1);
        double angle = Math.atan(0.5);
        assertThat(grid.relativeIntensity(Math.sin(angle), 0, Math.cos(angle)) / Math.cos(angle))
                .isCloseTo(0.5, within(1e-12));
        assertThat(grid.relativeIntensity(0, Math.sin(angle), Math.cos(angle)) / Math.cos(angle))
                .isCloseTo(0.5, within(1e-12));
        assertThat(grid.relativeIntensity(Math.sqrt(0.5), 0, Math.sqrt(0.5))).isCloseTo(0, within(1e-12));
        assertThat(grid.relativeIntensity(-0.8, 0, 0.6)).isZero();
    }

    /** Zoom coverage 2 atan(36 / 2f) by 2 atan(24 / 2f): for 35 mm 54.4 by 37.8 degrees, worked by hand. */
    @Test
    public void zoomCoverage() {
        Coverage zoom = Coverage.ofZoom(0.035);
        assertThat(2 * Math.toDegrees(Math.atan(zoom.tanAcross()))).isCloseTo(54.4, within(0.05));
        assertThat(2 * Math.toDegrees(Math.atan(zoom.tanUp()))).isCloseTo(37.8, within(0.05));
        // solid angle of a rectangular pyramid: 4 asin(sin a sin b)
        assertThat(zoom.flux())
                .isCloseTo(
                        4 * Math.asin(Math.sin(Math.toRadians(27.216)) * Math.sin(Math.toRadians(18.925))),
                        within(1e-4));
    }

    private static List<Double> degrees(double... values) {
        List<Double> list = new ArrayList<>();
        for (double value : values) {
            list.add(Math.toRadians(value));
        }
        return list;
    }

    private static double[] steps(double from, double to, double step) {
        int count = (int) Math.round((to - from) / step) + 1;
        double[] values = new double[count];
        for (int i = 0; i < count; i++) {
            values[i] = from + i * step;
        }
        return values;
    }

    /** A table of a function of (vertical, horizontal) in radians. */
    private static MeasuredIntensity table(
            PhotometricType type, double[] vertical, double[] horizontal, DoubleBinaryOperator f) {
        List<Double> candela = new ArrayList<>();
        for (double h : horizontal) {
            for (double v : vertical) {
                candela.add(f.applyAsDouble(Math.toRadians(v), Math.toRadians(h)));
            }
        }
        return new MeasuredIntensity(type, degrees(vertical), degrees(horizontal), candela);
    }

    /** Lambertian tables, in each type's angles and each symmetry: cosine to the axis times 1000 cd. */
    @DataProvider
    Object[][] lambertian() {
        double[] half = steps(0, 90, 2.5);
        double[] both = steps(-90, 90, 2.5);
        DoubleBinaryOperator round = (v, h) -> 1000 * Math.max(0, Math.cos(v));
        DoubleBinaryOperator latitude = (v, h) -> 1000 * Math.cos(v) * Math.cos(h);
        return new Object[][] {
            {table(PhotometricType.C, half, new double[] {0}, round)},
            {table(PhotometricType.C, steps(0, 180, 2.5), new double[] {0}, round)},
            {table(PhotometricType.C, half, steps(0, 90, 15), round)},
            {table(PhotometricType.C, half, steps(0, 180, 15), round)},
            {table(PhotometricType.C, half, steps(90, 270, 15), round)},
            {table(PhotometricType.C, half, steps(0, 360, 15), round)},
            {table(PhotometricType.A, both, both, latitude)},
            {table(PhotometricType.A, both, half, latitude)},
            {table(PhotometricType.B, both, both, latitude)},
            {table(PhotometricType.B, half, both, latitude)},
            {table(PhotometricType.B, half, half, latitude)}
        };
    }

    @Test(dataProvider = "lambertian")
    public void lambertianTableIsLambertian(MeasuredIntensity table) {
        assertThat(table.axialIntensity()).isCloseTo(1000, within(1e-9));
        // linear between entries 2.5 degrees apart: within (0.0436)² / 8 of the cosine
        assertThat(table.flux()).isCloseTo(Math.PI, within(2e-3));
        assertThat(overHemisphere(table, 36)).isCloseTo(table.flux(), within(2e-3));
        for (double turn = 0; turn < 6.28; turn += 0.31) {
            for (double theta : new double[] {0.1, 0.7, 1.3}) {
                assertThat(table.relativeIntensity(
                                Math.sin(theta) * Math.cos(turn), Math.sin(theta) * Math.sin(turn), Math.cos(theta)))
                        .isCloseTo(Math.cos(theta), within(6e-4));
            }
        }
    }

    @Test
    public void typesLayTheirAnglesDifferently() {
        // light to one side, read where each type's axes put it
        MeasuredIntensity a = table(PhotometricType.A, steps(-90, 90, 5), steps(-90, 90, 5), (v, h) -> 100 + 50 * h);
        MeasuredIntensity b = table(PhotometricType.B, steps(-90, 90, 5), steps(-90, 90, 5), (v, h) -> 100 + 50 * v);
        MeasuredIntensity c =
                table(PhotometricType.C, steps(0, 90, 5), steps(0, 360, 5), (v, h) -> 100 + v * Math.sin(h));
        double angle = Math.toRadians(40);
        double s = Math.sin(angle);
        double z = Math.cos(angle);
        assertThat(a.relativeIntensity(s, 0, z)).isCloseTo(1 + 0.5 * angle, within(1e-9));
        assertThat(a.relativeIntensity(0, s, z)).isCloseTo(1, within(1e-9));
        assertThat(b.relativeIntensity(0, s, z)).isCloseTo(1 + 0.5 * angle, within(1e-9));
        assertThat(b.relativeIntensity(s, 0, z)).isCloseTo(1, within(1e-9));
        assertThat(c.relativeIntensity(s, 0, z)).isCloseTo(1 + angle / 100, within(1e-9));
        assertThat(c.relativeIntensity(-s, 0, z)).isCloseTo(1 - angle / 100, within(1e-9));
        assertThat(c.relativeIntensity(0, s, z)).isCloseTo(1, within(1e-9));
    }

    @Test
    public void symmetryRepeatsWhatTheTableLeavesOut() {
        MeasuredIntensity quarter = table(PhotometricType.C, steps(0, 90, 10), steps(0, 90, 10), (v, h) -> 100 + v * h);
        MeasuredIntensity sides = table(PhotometricType.C, steps(0, 90, 10), steps(90, 270, 10), (v, h) -> 100 + v * h);
        double s = Math.sin(0.6);
        double z = Math.cos(0.6);
        double atNinety = quarter.relativeIntensity(s, 0, z);
        assertThat(atNinety).isCloseTo(1 + 0.6 * Math.PI / 2 / 100, within(1e-9));
        assertThat(quarter.relativeIntensity(-s, 0, z)).isCloseTo(atNinety, within(1e-12));
        assertThat(quarter.relativeIntensity(0, -s, z)).isCloseTo(1, within(1e-12));
        // the two halves either side of the plane through 90 and 270 degrees are alike
        assertThat(sides.relativeIntensity(0, s, z)).isCloseTo(sides.relativeIntensity(0, -s, z), within(1e-12));
        assertThat(sides.relativeIntensity(-s, 0, z)).isGreaterThan(sides.relativeIntensity(s, 0, z));
    }

    @Test
    public void nothingOutsideTheTable() {
        MeasuredIntensity narrow = table(PhotometricType.C, steps(0, 30, 5), new double[] {0}, (v, h) -> 100);
        assertThat(narrow.relativeIntensity(Math.sin(0.5), 0, Math.cos(0.5))).isCloseTo(1, within(1e-12));
        assertThat(narrow.relativeIntensity(Math.sin(0.53), 0, Math.cos(0.53))).isZero();
        // a cap of half angle 30 degrees: 2 pi (1 - cos 30)
        assertThat(narrow.flux()).isCloseTo(2 * Math.PI * (1 - Math.cos(Math.toRadians(30))), within(1e-12));
        MeasuredIntensity flood = table(PhotometricType.B, steps(-20, 20, 5), steps(-30, 30, 5), (v, h) -> 10);
        assertThat(flood.relativeIntensity(0, Math.sin(0.36), Math.cos(0.36))).isZero();
        assertThat(flood.flux()).isCloseTo(Math.toRadians(40) * 2 * Math.sin(Math.toRadians(30)), within(1e-12));
    }
}
