package zephyrdune.devices;

import java.util.stream.IntStream;
import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.units.exposure.Srgb;

/** How the practice camera writes light into its files. */
public enum PictureStyle {
    /** As sRGB has it. */
    NEUTRAL(ToneCurve.SRGB),

    /** With a curve of its own, darker shadows and lighter lights, as cameras do for looks. */
    CONTRAST(contrast());

    /** How much of a stop a stop about mid grey becomes, less than this at either end. */
    private static final double STEEP = 0.3;

    private final ToneCurve curve;

    PictureStyle(ToneCurve curve) {
        this.curve = curve;
    }

    ToneCurve curve() {
        return curve;
    }

    /** An S about mid grey, by the logarithm of light: the hyperbolic tangent, as the characteristic curve of a film bends. */
    private static ToneCurve contrast() {
        double grey = Math.log(Srgb.decode(118 / 255.0));
        return new ToneCurve(IntStream.range(0, ToneCurve.CODES)
                .mapToObj(code -> {
                    double off = Math.log(ToneCurve.SRGB.of(code)) - grey;
                    return code == 0 ? 0 : Math.exp(grey + off - STEEP * Math.tanh(off));
                })
                .toList());
    }
}
