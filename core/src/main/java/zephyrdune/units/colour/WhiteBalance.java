package zephyrdune.units.colour;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * A camera's white balance: the light of its colour temperature comes out white, every other light with its tint
 * (Bradford chromatic adaptation, as in CIE 160 and ICC.1; coefficients from memory).
 *
 * @param temperature of the light that becomes white, kelvin
 */
public record WhiteBalance(double temperature) {

    private static final RealMatrix BRADFORD = new Array2DRowRealMatrix(new double[][] {
        {0.8951, 0.2664, -0.1614},
        {-0.7502, 1.7135, 0.0367},
        {0.0389, -0.0685, 1.0296}
    });

    /** XYZ to linear sRGB, from the primaries and white of IEC 61966-2-1. */
    private static final RealMatrix TO_SRGB = inverse(fromSrgb());

    private static final RealMatrix TO_XYZ = inverse(TO_SRGB);

    /** Linear sRGB of a light of the given colour temperature, kelvin, for a luminance of 1; parts may be negative. */
    public double[] srgb(double kelvin) {
        double[] from = BRADFORD.operate(Chromaticity.ofTemperature(temperature).xyz());
        double[] to = BRADFORD.operate(Chromaticity.D65.xyz());
        double[] cones = BRADFORD.operate(Chromaticity.ofTemperature(kelvin).xyz());
        for (int i = 0; i < 3; i++) {
            cones[i] *= to[i] / from[i];
        }
        double[] adapted = inverse(BRADFORD).operate(cones);
        double[] srgb = TO_SRGB.operate(adapted);
        double luminance = TO_XYZ.operate(srgb)[1];
        for (int i = 0; i < 3; i++) {
            srgb[i] /= luminance;
        }
        return srgb;
    }

    /** The light that comes out as a linear sRGB colour: the other way round. */
    public Chromaticity light(double[] srgb) {
        double[] from = BRADFORD.operate(Chromaticity.ofTemperature(temperature).xyz());
        double[] to = BRADFORD.operate(Chromaticity.D65.xyz());
        double[] cones = BRADFORD.operate(TO_XYZ.operate(srgb));
        for (int i = 0; i < 3; i++) {
            cones[i] *= from[i] / to[i];
        }
        double[] xyz = inverse(BRADFORD).operate(cones);
        double sum = xyz[0] + xyz[1] + xyz[2];
        return new Chromaticity(xyz[0] / sum, xyz[1] / sum);
    }

    private static RealMatrix fromSrgb() {
        Chromaticity[] primaries = {
            new Chromaticity(0.64, 0.33), new Chromaticity(0.30, 0.60), new Chromaticity(0.15, 0.06)
        };
        RealMatrix matrix = new Array2DRowRealMatrix(3, 3);
        for (int i = 0; i < 3; i++) {
            matrix.setColumn(i, primaries[i].xyz());
        }
        double[] shares = inverse(matrix).operate(Chromaticity.D65.xyz());
        for (int i = 0; i < 3; i++) {
            matrix.setColumnVector(i, matrix.getColumnVector(i).mapMultiply(shares[i]));
        }
        return matrix;
    }

    private static RealMatrix inverse(RealMatrix matrix) {
        return new LUDecomposition(matrix).getSolver().getInverse();
    }
}
