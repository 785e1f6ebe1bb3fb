package zephyrdune.units.exposure;

import zephyrdune.units.measure.Rounding;

/** The sRGB transfer function, IEC 61966-2-1. */
public final class Srgb {

    /** Linear value from which on the next code value is nearer. */
    private static final double[] UPPER = upper();

    /** A code value at or just under that of each of many linear values. */
    private static final int[] NEARLY = nearly();

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
        if (!(linear > 0)) {
            return 0;
        }
        if (linear >= 1) {
            return 255;
        }
        // a table says nearly; the code's own bounds say exactly
        int code = NEARLY[(int) (linear * (NEARLY.length - 1))];
        while (linear >= UPPER[code]) {
            code++;
        }
        return code;
    }

    private static double[] upper() {
        double[] upper = new double[256];
        for (int code = 0; code < 255; code++) {
            upper[code] = decode((code + 0.5) / 255);
        }
        upper[255] = Double.POSITIVE_INFINITY;
        return upper;
    }

    private static int[] nearly() {
        int[] codes = new int[1 << 14];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = Rounding.down(255 * encode(i / (codes.length - 1.0)));
            codes[i] = Math.max(0, codes[i] - 1);
        }
        return codes;
    }
}
