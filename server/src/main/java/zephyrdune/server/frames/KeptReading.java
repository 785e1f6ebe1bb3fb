package zephyrdune.server.frames;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.LightShares;
import zephyrdune.answers.frame.PatchReading;

/**
 * What was read of a frame, as it is kept: patches that were predicted and measured.
 *
 * @param model by which it was predicted, see {@link #MODEL}
 * @param below full power, stops, that the light was set to
 */
record KeptReading(int model, double below, List<KeptPatch> patches) {

    /** Raised when predictions change: what was read by an older one is read again. */
    static final int MODEL = 1;

    private static final JsonMapper JSON = new JsonMapper();

    /** @param cards shares by way of each card */
    record KeptPatch(
            FramePatch.Part part,
            double across,
            double down,
            double predicted,
            double error,
            double room,
            double walls,
            List<Double> cards,
            double measured,
            double uneven) {

        static KeptPatch of(PatchReading patch) {
            return new KeptPatch(
                    patch.patch().part(),
                    patch.patch().across(),
                    patch.patch().down(),
                    patch.predicted().orElseThrow(),
                    patch.predictedError(),
                    patch.shares().room(),
                    patch.shares().walls(),
                    patch.shares().cards(),
                    patch.measured().orElseThrow(),
                    patch.uneven());
        }

        PatchReading reading() {
            return new PatchReading(
                    new FramePatch(part, across, down),
                    OptionalDouble.of(predicted),
                    error,
                    new LightShares(room, walls, cards),
                    OptionalDouble.of(measured),
                    OptionalDouble.empty(),
                    uneven,
                    false,
                    "");
        }
    }

    static KeptReading of(FrameReading reading) {
        return new KeptReading(
                MODEL,
                reading.below(),
                reading.patches().stream()
                        .filter(patch -> !patch.held() && patch.off().isPresent())
                        .map(KeptPatch::of)
                        .toList());
    }

    String written() {
        return JSON.writeValueAsString(this);
    }

    /** Nothing of one by an older model, or by a later version of the program. */
    static Optional<KeptReading> read(String text) {
        try {
            KeptReading reading = JSON.readValue(text, KeptReading.class);
            return Optional.of(reading).filter(one -> one.model() == MODEL);
        } catch (JacksonException otherwise) {
            return Optional.empty();
        }
    }
}
