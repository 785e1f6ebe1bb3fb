package zephyrdune.render.metering;

/** What a meter at the camera sees at the point it is aimed at. */
public enum MeterSight {
    SURFACE,
    GLASS,
    /** Something stands before the point and is read in its place. */
    HIDDEN,
    NOTHING
}
