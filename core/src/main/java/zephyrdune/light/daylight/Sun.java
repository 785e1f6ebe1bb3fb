package zephyrdune.light.daylight;

import java.util.Date;
import org.shredzone.commons.suncalc.SunPosition;

/**
 * Where the sun stands.
 *
 * @param height over the horizon, radians, as it is seen through the air
 * @param bearing clockwise from north, radians
 * @param nearness square of the mean distance over the distance: what its light is multiplied by
 */
public record Sun(double height, double bearing, double nearness) {

    /** Kilometres (International Astronomical Union 2012, resolution B2). */
    private static final double ASTRONOMICAL_UNIT = 149_597_870.7;

    /**
     * Seen from a place.
     *
     * @param latitude north of the equator, radians
     * @param longitude east of Greenwich, radians
     * @param moment milliseconds since 1970 began, UTC
     */
    public static Sun at(double latitude, double longitude, long moment) {
        SunPosition found = SunPosition.compute()
                .on(new Date(moment))
                .at(Math.toDegrees(latitude), Math.toDegrees(longitude))
                .execute();
        double nearer = ASTRONOMICAL_UNIT / found.getDistance();
        return new Sun(Math.toRadians(found.getAltitude()), Math.toRadians(found.getAzimuth()), nearer * nearer);
    }
}
