package zephyrdune.units.measure;

/** The units the core computes in. Centimetres, degrees, clock hours and dial marks exist only at the edges. */
public enum Unit {
    /** Length, SI. */
    METRE,
    /** Plane angle, SI. */
    RADIAN,
    /** Azimuth seen from above in radians, clockwise from 12 o'clock (+y); people read it as hours of a clock. */
    CLOCK_RADIAN,
    /** Solid angle, SI. */
    STERADIAN,
    /** Base-2 logarithm of a ratio of light. */
    STOP,
    /** A plain number. */
    RATIO,
    /** Time, SI. */
    SECOND,
    /** How long a dish holds and a change takes; a minute is 60 seconds. */
    MINUTE,
    /** Time of day and how long a shoot lasts; an hour is 3600 seconds. */
    HOUR,
    /** Mass, SI. */
    KILOGRAM,
    /** Illuminance, SI. */
    LUX,
    /** Exposure: illuminance times time, SI. */
    LUX_SECOND,
    /** Luminous flux, SI. */
    LUMEN,
    /** Luminous intensity, SI. */
    CANDELA,
    /** Luminous efficacy, lumens per watt or lumen seconds per watt second. */
    LUMEN_PER_WATT,
    /** Electrical energy of one flash. */
    WATT_SECOND,
    /** Colour temperature, SI. */
    KELVIN,
    /** A million over a colour temperature in kelvin; differences of it look equally large. */
    MIRED,
    /** Focal length over aperture diameter. */
    F_NUMBER,
    /** Arithmetic film or sensor speed, ISO 12232. */
    ISO_SPEED
}
