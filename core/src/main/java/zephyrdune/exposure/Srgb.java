package zephyrdune.exposure;

/** The sRGB transfer function, IEC 61966-2-1. */
public final class Srgb {

    private Srgb() {}

    /** Linear value to the encoded value, both 0 to 1; what is brighter than 1 is clipped. */
    public static double encode(double linear) {
        if (linear <= 0) {
            return 0;
        }
        if (linear >= 1) {
            return 1;
        }
        return linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
    }

    /** Encoded value, 0 to 1, to the linear value. */
    public static double decode(double encoded) {
        return encoded <= 0.04045 ? encoded / 12.92 : Math.pow((encoded + 0.055) / 1.055, 2.4);
    }

    /** Linear value to an 8-bit code value. */
    public static int code(double linear) {
        return (int) Math.round(255 * encode(linear));
    }
}
