package zephyrdune.answers.frame;

import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.render.picture.Picture;

/**
 * A frame as its file has it.
 *
 * @param picture read as if it were sRGB
 * @param settings that it was taken with
 * @param curve what its codes stand for
 * @param lit whether the set's lights were on, or the room alone
 */
public record FrameFile(Picture picture, CameraSettings settings, ToneCurve curve, boolean lit) {

    /** Codes from this one on may have been more light. */
    private static final int FULL_CODE = 253;

    /** One that is as it says of itself. */
    public FrameFile(Picture picture, CameraSettings settings) {
        this(picture, settings, ToneCurve.SRGB);
    }

    /** One with the lights on. */
    public FrameFile(Picture picture, CameraSettings settings, ToneCurve curve) {
        this(picture, settings, curve, true);
    }

    /** The brightest light of a channel that is sure not to be more. */
    double full() {
        return curve.of(FULL_CODE);
    }
}
