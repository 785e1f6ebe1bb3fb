package zephyrdune.measure;

/** The units the core computes in. Centimetres, degrees and clock hours exist only at the edges. */
public enum Unit {
    /** Length, SI. */
    METRE,
    /** Plane angle, SI. */
    RADIAN,
    /** Azimuth seen from above in radians, clockwise from 12 o'clock (+y); people read it as hours of a clock. */
    CLOCK_RADIAN,
    /** Base-2 logarithm of a ratio of light. */
    STOP,
    /** A plain number. */
    RATIO
}
