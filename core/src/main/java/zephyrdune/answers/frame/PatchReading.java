package zephyrdune.answers.frame;

import java.util.OptionalDouble;

/**
 * One patch of a frame, predicted and measured, in stops from mid grey.
 *
 * @param predicted absent where nothing of the set's light comes from there
 * @param predictedError standard error of that
 * @param shares whose light that is
 * @param measured absent where it cannot be told
 * @param atLeast for a clipped one, by how much the frame is brighter than predicted at the least, stops
 * @param uneven how much its tone varies within the patch: what a little beside would change, stops
 * @param held whether it is held back, because it is off by itself: the others say otherwise
 * @param trouble why nothing is measured, or why it is held back; empty where neither is
 */
public record PatchReading(
        FramePatch patch,
        OptionalDouble predicted,
        double predictedError,
        LightShares shares,
        OptionalDouble measured,
        OptionalDouble atLeast,
        double uneven,
        boolean held,
        String trouble) {

    /** A patch that is mostly lit by the room says next to nothing of the light. */
    private static final double MOSTLY = 0.5;

    static PatchReading unseen(FramePatch patch, String trouble) {
        return new PatchReading(
                patch,
                OptionalDouble.empty(),
                0,
                LightShares.STRAIGHT,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                false,
                trouble);
    }

    PatchReading unmeasured(String why) {
        return with(OptionalDouble.empty(), OptionalDouble.empty(), 0, false, why);
    }

    PatchReading clipped(double more) {
        return with(
                OptionalDouble.empty(), OptionalDouble.of(more), 0, false, "As bright as the file can say: not used");
    }

    PatchReading measured(double stops, double unevenness) {
        return with(OptionalDouble.of(stops), OptionalDouble.empty(), unevenness, false, "");
    }

    PatchReading heldBack() {
        return with(
                measured,
                atLeast,
                uneven,
                true,
                "Off by itself, so not used: it may lie on something else, or something stands in its light");
    }

    private PatchReading with(OptionalDouble tone, OptionalDouble more, double unevenness, boolean back, String why) {
        return new PatchReading(patch, predicted, predictedError, shares, tone, more, unevenness, back, why);
    }

    /** By how much the frame is brighter than predicted, stops. */
    public OptionalDouble off() {
        return predicted.isPresent() && measured.isPresent()
                ? OptionalDouble.of(measured.getAsDouble() - predicted.getAsDouble())
                : OptionalDouble.empty();
    }

    /** Whether it says how strong the light is. */
    boolean tellsTheLight() {
        return patch.part().lit() && off().isPresent() && !held && shares.room() < MOSTLY;
    }
}
