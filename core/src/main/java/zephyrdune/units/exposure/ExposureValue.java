package zephyrdune.units.exposure;

import zephyrdune.units.measure.Stops;

/** APEX exposure values (Exif, CIPA DC-008, annex C; from memory): EV = log2(N² / t). */
public final class ExposureValue {

    private ExposureValue() {}

    /** EV of an exact f-number and shutter time in seconds. */
    public static double of(double aperture, double shutter) {
        return Stops.between(aperture * aperture, shutter);
    }

    /** The illuminance in lux that an EV at ISO 100 exposes correctly: C 2^EV / 100, 2.5 lx at EV 0. */
    public static double illuminance(double valueAt100) {
        return CorrectExposure.C / 100 * Stops.ratio(valueAt100);
    }
}
