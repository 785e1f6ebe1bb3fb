package zephyrdune.light.daylight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Sun and sky against published worked examples and closed forms. */
public class DaylightTest {

    private static Sun sun(double latitude, double longitude, String moment) {
        return Sun.at(
                Math.toRadians(latitude),
                Math.toRadians(longitude),
                Instant.parse(moment).toEpochMilli());
    }

    /**
     * The worked example of Reda and Andreas, "Solar Position Algorithm for Solar Radiation Applications", NREL/TP-560-34302, table A5.1: 17 October
     * 2003, 12:30:30 at UTC -7, 39.742476 N, 105.1786 W: zenith angle 50.11162, azimuth 194.34024 degrees (values from memory).
     */
    @Test
    public void standsWhereThePublishedExampleHasIt() {
        Sun sun = sun(39.742476, -105.1786, "2003-10-17T19:30:30Z");
        assertThat(90 - Math.toDegrees(sun.height())).isCloseTo(50.11162, within(0.02));
        assertThat(Math.toDegrees(sun.bearing())).isCloseTo(194.34024, within(0.02));
    }

    /**
     * Meeus, "Astronomical Algorithms", 2nd edition, example 25.a: on 13 October 1992 at 0 h the sun's declination is -7.78507 degrees and its distance
     * .99766 astronomical units (from memory). Seen from the north pole its height is its declination, but for the air.
     */
    @Test
    public void standsAsHighAtThePoleAsItsPublishedDeclination() {
        Sun sun = sun(90, 0, "1992-10-12T23:59:01Z");
        assertThat(Math.toDegrees(sun.height())).isCloseTo(-7.78507, within(0.02));
        assertThat(1 / Math.sqrt(sun.nearness())).isCloseTo(0.99766, within(0.0005));
    }

    /** At the solstice over the tropic the sun passes the zenith at noon (geometry). */
    @Test
    public void passesTheZenithOfTheTropic() {
        double highest = 0;
        for (int minute = 0; minute < 60; minute++) {
            Sun sun = sun(23.436, 0, "2026-06-21T11:%02d:00Z".formatted(minute));
            Sun later = sun(23.436, 0, "2026-06-21T12:%02d:00Z".formatted(minute));
            highest = Math.max(highest, Math.max(sun.height(), later.height()));
        }
        assertThat(Math.toDegrees(highest)).isCloseTo(90, within(0.1));
    }

    /**
     * Under a sky whose zenith is three times as bright as its horizon an upright surface has .396 of what a level one has (Moon and Spencer,
     * "Illumination from a non-uniform sky", 1942: (3 pi + 8) / (14 pi)), under an even one half.
     */
    @Test
    public void anUprightSurfaceHasTheKnownShareOfTheSky() {
        Sun sun = new Sun(Math.toRadians(30), 2, 1);
        double moonSpencer = (3 * Math.PI + 8) / (14 * Math.PI);
        assertThat(moonSpencer).isCloseTo(0.396, within(0.0005));
        assertThat(UprightDaylight.skyShare((zenith, away) -> 1 + 2 * zenith, sun, 1))
                .isCloseTo(moonSpencer, within(0.001));
        assertThat(UprightDaylight.skyShare((zenith, away) -> 1, sun, 1)).isCloseTo(0.5, within(0.001));
    }

    /** The CIE's type 1 is a little darker low down: .3792, by adding up 4,000 strips of it. */
    @Test
    public void anOvercastSkyGivesUprightSurfacesAlikeAllRound() {
        double upright = 0;
        double level = 0;
        for (int i = 0; i < 4000; i++) {
            double height = (i + 0.5) / 4000 * Math.PI / 2;
            double light = (1 + 4 * Math.exp(-0.7 / Math.sin(height))) * Math.cos(height);
            upright += 2 * light * Math.cos(height);
            level += 2 * Math.PI * light * Math.sin(height);
        }
        assertThat(upright / level).isCloseTo(0.3792, within(0.0001));
        for (double bearing : new double[] {0, 1, 4}) {
            assertThat(UprightDaylight.skyShare(Sky.OVERCAST::luminance, new Sun(0.5, 2, 1), bearing))
                    .isCloseTo(upright / level, within(0.001));
        }
    }

    /** ISO 15469:2004: type 1 has its zenith about three times as bright as its horizon, whatever the sun does. */
    @Test
    public void anOvercastSkyIsThreeTimesAsBrightOverhead() {
        double overhead = Sky.OVERCAST.luminance(1, 0.3);
        double low = Sky.OVERCAST.luminance(1e-3, 0.8);
        assertThat(overhead / low).isCloseTo(3, within(0.02));
    }

    /** A surface that faces a clear sky's bright side has more than one that faces away, and both more than the darkest sky could give. */
    @Test
    public void aClearSkyIsBrightestBesideTheSun() {
        Sun sun = new Sun(Math.toRadians(20), Math.toRadians(225), 1);
        double towards = UprightDaylight.of(Sky.CLEAR, sun, Math.toRadians(225));
        double away = UprightDaylight.of(Sky.CLEAR, sun, Math.toRadians(45));
        assertThat(towards).isGreaterThan(2 * away);
        assertThat(away).isGreaterThan(0.1 * Sky.CLEAR.level(sun));
    }

    @DataProvider
    public Object[][] levels() {
        return new Object[][] {
            {Sky.CLEAR, 30.0, 0.8e3 + 15.5e3 * Math.sqrt(0.5)},
            {Sky.OVERCAST, 30.0, 0.3e3 + 10.5e3},
            {Sky.OVERCAST, 90.0, 21.3e3},
            {Sky.CLEAR, -6.0, 3.4}
        };
    }

    /** Gillette and Kusuda's formulas by hand; at the end of civil twilight 3.4 lx (RCA Electro-Optics Handbook, 1974). Formulas from memory. */
    @Test(dataProvider = "levels")
    public void givesALevelSurfaceWhatTheHandbookSays(Sky sky, double degrees, double lux) {
        assertThat(sky.level(new Sun(Math.toRadians(degrees), 0, 1))).isCloseTo(lux, Percentage.withPercentage(0.1));
    }

    /** Full sun and clear sky at noon in summer: about 100,000 lx (common practice, no published source). */
    @Test
    public void aSummerNoonIsAHundredThousandLux() {
        Sun sun = new Sun(Math.toRadians(62), Math.PI, 0.97);
        double level = Sky.CLEAR.level(sun) + Sky.CLEAR.beam(sun) * Math.sin(sun.height());
        assertThat(level).isBetween(90_000.0, 115_000.0);
        assertThat(Sky.OVERCAST.beam(sun)).isZero();
    }
}
