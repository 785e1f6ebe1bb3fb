package zephyrdune.answers.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;

/**
 * An upright stick in the sun: where its shadow falls at a place, day and hour is known, and read back from a photograph of it.
 *
 * <p>The sun by the equations of NOAA's solar calculator (after J. Meeus, Astronomical Algorithms, 1991; coefficients from memory).
 */
public class SunShadowTest {

    private static final double DEGREE = Math.PI / 180;

    /** Azimuth from north over east and height above the horizon without refraction, degrees. */
    private static double[] sun(double julianDay, double latitude, double longitude) {
        double t = (julianDay - 2451545) / 36525;
        double mean = (280.46646 + t * (36000.76983 + t * 0.0003032)) % 360;
        double anomaly = 357.52911 + t * (35999.05029 - 0.0001537 * t);
        double eccentricity = 0.016708634 - t * (0.000042037 + 0.0000001267 * t);
        double centre = sin(anomaly) * (1.914602 - t * (0.004817 + 0.000014 * t))
                + sin(2 * anomaly) * (0.019993 - 0.000101 * t)
                + sin(3 * anomaly) * 0.000289;
        double node = 125.04 - 1934.136 * t;
        double apparent = mean + centre - 0.00569 - 0.00478 * sin(node);
        double oblique =
                23 + (26 + (21.448 - t * (46.815 + t * (0.00059 - t * 0.001813))) / 60) / 60 + 0.00256 * cos(node);
        double declination = Math.asin(sin(oblique) * sin(apparent)) / DEGREE;
        double y = Math.pow(Math.tan(oblique / 2 * DEGREE), 2);
        double equation = 4
                / DEGREE
                * (y * sin(2 * mean)
                        - 2 * eccentricity * sin(anomaly)
                        + 4 * eccentricity * y * sin(anomaly) * cos(2 * mean)
                        - 0.5 * y * y * sin(4 * mean)
                        - 1.25 * eccentricity * eccentricity * sin(2 * anomaly));
        double minutes = (julianDay - 0.5 - Math.floor(julianDay - 0.5)) * 1440 + equation + 4 * longitude;
        double hour = minutes / 4 - 180;
        double height =
                Math.asin(sin(latitude) * sin(declination) + cos(latitude) * cos(declination) * cos(hour)) / DEGREE;
        double azimuth =
                Math.atan2(sin(hour), cos(hour) * sin(latitude) - Math.tan(declination * DEGREE) * cos(latitude))
                        / DEGREE;
        return new double[] {(azimuth + 180 + 720) % 360, height};
    }

    private static double sin(double degrees) {
        return Math.sin(degrees * DEGREE);
    }

    private static double cos(double degrees) {
        return Math.cos(degrees * DEGREE);
    }

    /**
     * The worked example of I. Reda and A. Andreas, Solar Position Algorithm (NREL/TP-560-34302, 2003): Golden, 17 October 2003, 12:30:30 at UTC - 7,
     * azimuth 194.34 and zenith angle 50.11 degrees with refraction of 0.02 (values from memory).
     */
    @Test
    public void theWorkedExampleIsReproduced() {
        double[] sun = sun(2452929.5 + (19 + 30.5 / 60) / 24, 39.742476, -105.1786);
        assertThat(sun[0]).isCloseTo(194.34, within(0.03));
        assertThat(90 - sun[1]).isCloseTo(50.11, within(0.04));
    }

    @DataProvider
    public Object[][] hours() {
        return new Object[][] {
            {2452929.5 + 17 / 24.0, 39.74, -105.18, 150},
            {2452929.5 + 19.5 / 24, 39.74, -105.18, 300},
            {2452929.5 + 22 / 24.0, 39.74, -105.18, 80},
            {2460480.5 + 9.5 / 24, 53.5, 10, 20}
        };
    }

    @Test(dataProvider = "hours")
    public void itsShadowIsReadBack(double julianDay, double latitude, double longitude, double cameraLooksTo) {
        double[] sun = sun(julianDay, latitude, longitude);
        double clock = (sun[0] - cameraLooksTo) * DEGREE;
        Vector3D towards = Vector3D.of(cos(sun[1]) * Math.sin(clock), cos(sun[1]) * Math.cos(clock), sin(sun[1]));
        TableSet set = Sets.chowder();
        Vector3D foot = Vector3D.of(0.02, 0.01, 0);
        TableView view = TableView.of(
                new RoundRim(SingleViewTest.circle(set, 0, 0, 0, 0.2, 7), 0.2, 0), SingleViewTest.pinhole(set));
        ShadowRay ray =
                ShadowRay.of(view, 2 / 3.0, SingleViewTest.stick(set, foot, 0.03, towards.multiply(1e9)), "thing");
        double[] read = ShadowRay.angles(ray.way());
        assertThat(Math.sin(read[0] - clock)).isCloseTo(0, within(1e-6));
        assertThat(read[1] / DEGREE).isCloseTo(sun[1], within(1e-4));
    }
}
