package zephyrdune.units.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Colours of light against the CIE's published chromaticities (values from memory). */
public class ColourTest {

    /** CIE 15: illuminant A, Planck at 2856 K; others from the Planckian locus as tabled by Wyszecki and Stiles. */
    @DataProvider
    Object[][] planck() {
        return new Object[][] {
            {2856.0, 0.4476, 0.4074},
            {2000.0, 0.5267, 0.4133},
            {3000.0, 0.4369, 0.4041},
            {4000.0, 0.3804, 0.3768},
            {5000.0, 0.3451, 0.3516},
            {6500.0, 0.3135, 0.3237},
            {10000.0, 0.2807, 0.2884}
        };
    }

    @Test(dataProvider = "planck")
    public void glowingBodies(double kelvin, double x, double y) {
        Chromaticity got = Chromaticity.planck(kelvin);
        assertThat(got.x()).isCloseTo(x, within(2e-4));
        assertThat(got.y()).isCloseTo(y, within(2e-4));
    }

    /** CIE 15: daylight illuminants; their temperatures in kelvin on today's scale. */
    @DataProvider
    Object[][] daylight() {
        return new Object[][] {
            {5003.0, 0.3457, 0.3585}, {5503.0, 0.3324, 0.3474}, {6504.0, 0.3127, 0.3290}, {7504.0, 0.2990, 0.3149}
        };
    }

    @Test(dataProvider = "daylight")
    public void daylightIlluminants(double kelvin, double x, double y) {
        Chromaticity got = Chromaticity.ofTemperature(kelvin);
        assertThat(got.x()).isCloseTo(x, within(2e-4));
        assertThat(got.y()).isCloseTo(y, within(2e-4));
    }

    @Test
    public void observerSeesEqualEnergyAsWhite() {
        // CIE 1931: the three curves enclose equal areas, so equal energy lies at a third, a third
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < StandardObserver.SIZE; i++) {
            x += StandardObserver.x(i);
            y += StandardObserver.y(i);
            z += StandardObserver.z(i);
        }
        assertThat(x / (x + y + z)).isCloseTo(1 / 3.0, within(2e-4));
        assertThat(y / (x + y + z)).isCloseTo(1 / 3.0, within(2e-4));
        // the photopic curve's area, 106.857 nm (CIE 15)
        assertThat(10 * y).isCloseTo(106.857, within(0.02));
    }

    @Test
    public void noStepBetweenGlowAndDaylight() {
        Chromaticity before = Chromaticity.ofTemperature(3900);
        for (double kelvin = 3905; kelvin < 5200; kelvin += 5) {
            Chromaticity now = Chromaticity.ofTemperature(kelvin);
            assertThat(Math.hypot(now.x() - before.x(), now.y() - before.y())).isLessThan(5e-4);
            before = now;
        }
    }

    @Test
    public void theBalancedLightIsWhite() {
        for (double kelvin : new double[] {2800, 4500, 5500, 9000}) {
            for (double part : new WhiteBalance(kelvin).srgb(kelvin)) {
                assertThat(part).isCloseTo(1, within(1e-12));
            }
        }
    }

    @Test
    public void warmerThanTheBalanceIsRedderAndBluerIsBluer() {
        WhiteBalance daylight = new WhiteBalance(5500);
        double[] tungsten = daylight.srgb(3200);
        assertThat(tungsten[0]).isGreaterThan(1.3);
        assertThat(tungsten[2]).isLessThan(0.6);
        double[] shade = daylight.srgb(8000);
        assertThat(shade[0]).isLessThan(1);
        assertThat(shade[2]).isGreaterThan(1.2);
        // luminance stays 1: 0.2126 R + 0.7152 G + 0.0722 B (IEC 61966-2-1)
        assertThat(0.2126 * tungsten[0] + 0.7152 * tungsten[1] + 0.0722 * tungsten[2])
                .isCloseTo(1, within(2e-4));
    }

    @Test
    public void whiteOfTheStandardObserverIsTheWhiteOfSrgb() {
        // balanced to daylight of 6504 K nothing is adapted: XYZ of D65 is (0.9505, 1, 1.0890), and that is white
        double[] xyz = Chromaticity.D65.xyz();
        assertThat(xyz[0]).isCloseTo(0.9505, within(1e-4));
        assertThat(xyz[2]).isCloseTo(1.0891, within(2e-4));
    }

    /** Mired arithmetic of conversion gels (common practice): 3200 K to 5500 K is 131 mired, a full orange gel. */
    @Test
    public void gels() {
        assertThat(Mired.of(3200) - Mired.of(5500)).isCloseTo(130.7, within(0.05));
        assertThat(Mired.shifted(5500, 130.68)).isCloseTo(3200, within(1.0));
        assertThat(Mired.shifted(3200, -130.68)).isCloseTo(5500, within(1.5));
        assertThat(Mired.of(Mired.of(4321))).isCloseTo(4321, within(1e-9));
    }

    /** Correlated colour temperatures: CIE 15 gives illuminant A 2856 K and D65 6504 K; E has 5454 K (tables, from memory). */
    @Test
    public void correlatedTemperatures() {
        assertThat(new Chromaticity(0.44757, 0.40745).temperature().orElseThrow())
                .isCloseTo(2856, within(4.0));
        assertThat(new Chromaticity(0.31272, 0.32903).temperature().orElseThrow())
                .isCloseTo(6504, within(12.0));
        assertThat(new Chromaticity(1 / 3.0, 1 / 3.0).temperature().orElseThrow())
                .isCloseTo(5454, within(8.0));
        for (double kelvin : new double[] {2000, 2700, 3200, 3900}) {
            assertThat(Chromaticity.planck(kelvin).temperature().orElseThrow()).isCloseTo(kelvin, within(0.5));
        }
    }

    @Test
    public void aBalanceGoesBothWays() {
        WhiteBalance balance = new WhiteBalance(3200);
        Chromaticity back = balance.light(balance.srgb(5000));
        assertThat(back.x()).isCloseTo(Chromaticity.ofTemperature(5000).x(), within(1e-9));
        assertThat(back.y()).isCloseTo(Chromaticity.ofTemperature(5000).y(), within(1e-9));
    }
}
