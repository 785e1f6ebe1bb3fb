package zephyrdune.answers.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.IntStream;
import zephyrdune.answers.kit.KitNumbers;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;

/**
 * A test frame against what its set predicts of it, patch by patch, and what to set next.
 *
 * @param patches in the order they were asked in
 * @param brighter stops by which the frame was exposed more than the set's settings say; the prediction counts it
 * @param below full power, stops, that the light was set to for it
 * @param room what the room gives, of a frame without the lights
 * @param white what brings the background to where it clips; absent where it is not seen or not measured
 * @param next what to set after it; absent where no patch in the light tells
 */
public record FrameReading(
        List<PatchReading> patches,
        double brighter,
        double below,
        Optional<RoomAlone> room,
        Optional<JustWhite> white,
        Optional<NextPower> next) {

    public FrameReading {
        patches = List.copyOf(patches);
    }

    /**
     * What a hand meter says.
     *
     * @param set as it stood, its power where it was set
     * @param now the set that the next frame will be of
     */
    public static FrameReading of(TableSet set, TableSet now, HandMeter meter) {
        Prediction prediction = new Prediction(set, meter.lit(set));
        return told(
                set,
                now,
                meter.lit(set),
                prediction.below(),
                0,
                List.of(prediction.read(meter)),
                patches -> Optional.empty());
    }

    /**
     * Reads a frame that shows what the set's camera sees.
     *
     * @param set as it stood, its power where it was set
     * @param now the set that the next frame will be of
     */
    public static FrameReading of(TableSet set, TableSet now, FrameFile file, List<FramePatch> patches) {
        Prediction prediction = new Prediction(set, file);
        List<PatchReading> read = Cancellation.onAllCores(patches, patch -> prediction.read(file, patch));
        return told(
                set,
                now,
                file.lit(),
                prediction.below(),
                file.settings().brighter(set.exposure()),
                read,
                all -> JustWhite.of(set, file, prediction.below(), all));
    }

    private static FrameReading told(
            TableSet set,
            TableSet now,
            boolean lit,
            double below,
            double brighter,
            List<PatchReading> read,
            Function<List<PatchReading>, Optional<JustWhite>> white) {
        List<Integer> told = IntStream.range(0, read.size())
                .filter(at -> read.get(at).off().isPresent())
                .boxed()
                .toList();
        LightFromPatches light =
                LightFromPatches.of(set.light(), told.stream().map(read::get).toList());
        List<PatchReading> all = new ArrayList<>(read);
        for (int strange : light.strange()) {
            int at = told.get(strange);
            all.set(at, read.get(at).heldBack());
        }
        return new FrameReading(
                all,
                brighter,
                below,
                lit || told.isEmpty()
                        ? Optional.empty()
                        : Optional.of(RoomAlone.of(set.ambient(), now, light.roomMore(), light.roomSpread())),
                lit ? white.apply(all) : Optional.empty(),
                lit ? next(set, now, all, light) : Optional.empty());
    }

    private static Optional<NextPower> next(
            TableSet set, TableSet now, List<PatchReading> patches, LightFromPatches light) {
        if (patches.stream().anyMatch(PatchReading::tellsTheLight)) {
            return Optional.of(NextPower.of(now, light.more() - KitNumbers.statedMore(now, set), light.spread()));
        }
        OptionalDouble atLeast = patches.stream()
                .filter(patch -> patch.patch().part().lit())
                .flatMapToDouble(patch -> patch.atLeast().stream())
                .min();
        return atLeast.isPresent()
                ? Optional.of(NextPower.offTheEnd(now, atLeast.getAsDouble() - KitNumbers.statedMore(now, set)))
                : Optional.empty();
    }
}
