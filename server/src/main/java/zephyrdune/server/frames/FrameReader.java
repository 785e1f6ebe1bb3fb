package zephyrdune.server.frames;

import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.ProposedPatches;
import zephyrdune.server.photographs.OpenPhotographs;
import zephyrdune.set.TableSet;

/** Reads kept frames beside what their sets predict, and keeps what was read. */
@Component
class FrameReader {

    private final FrameStore store;
    private final OpenPhotographs open;

    FrameReader(FrameStore store, OpenPhotographs open) {
        this.store = store;
        this.open = open;
    }

    /**
     * @param set as it stood for the frame
     * @param now the set that the next frame will be of
     * @param patches none for those that are proposed
     */
    FrameReading read(StoredFrame frame, TableSet set, TableSet now, List<FramePatch> patches) {
        CameraSettings settings =
                new CameraSettings(optional(frame.aperture()), optional(frame.shutter()), optional(frame.speed()));
        List<FramePatch> places = patches.isEmpty() ? ProposedPatches.of(set) : patches;
        FrameReading reading =
                FrameReading.of(set, now, open.find(frame.id(), store::picture).picture(), settings, places);
        store.keepReading(frame.id(), set, KeptReading.of(reading));
        return reading;
    }

    /** What was read of a frame last, or now where that was never done. */
    KeptReading kept(UUID id, TableSet set) {
        return store.reading(id)
                .orElseGet(() -> KeptReading.of(read(store.find(id).orElseThrow(), set, set, List.of())));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
