package zephyrdune.server.frames;

import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import zephyrdune.answers.frame.Bracket;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.frame.FrameDifference;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.FrameRegistration;
import zephyrdune.answers.frame.ProposedPatches;
import zephyrdune.answers.tone.LearntToneCurve;
import zephyrdune.answers.tone.ToneCurveFit;
import zephyrdune.formats.PhotographFile;
import zephyrdune.render.picture.Picture;
import zephyrdune.server.photographs.OpenPhotographs;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/** Reads kept frames beside what their sets predict, and keeps what was read. */
@Component
class FrameReader {

    private final FrameStore store;
    private final ToneCurveStore curves;
    private final OpenPhotographs open;

    FrameReader(FrameStore store, ToneCurveStore curves, OpenPhotographs open) {
        this.store = store;
        this.curves = curves;
        this.open = open;
    }

    /**
     * @param set as it stood for the frame
     * @param now the set that the next frame will be of
     * @param patches none for those that are proposed
     */
    FrameReading read(StoredFrame frame, TableSet set, TableSet now, List<FramePatch> patches) {
        List<FramePatch> places = patches.isEmpty() ? ProposedPatches.of(set) : patches;
        FrameReading reading = FrameReading.of(set, now, file(frame), places);
        store.keepReading(frame.id(), set, KeptReading.of(reading));
        return reading;
    }

    /** What was read of a frame last, or now where that was never done. */
    KeptReading kept(UUID id, TableSet set) {
        return store.reading(id)
                .orElseGet(() -> KeptReading.of(read(store.find(id).orElseThrow(), set, set, List.of())));
    }

    /** How much brighter a frame is than what was predicted of it. */
    FrameDifference difference(StoredFrame frame, TableSet set) {
        return FrameDifference.of(set, file(frame));
    }

    private FrameFile file(StoredFrame frame) {
        return new FrameFile(laid(frame), settings(frame), curves.inUse(frame.camera()), frame.lit());
    }

    /** The tone curve that a frame tells with those of the same camera and set that stood alike. */
    LearntToneCurve toneCurve(StoredFrame frame) {
        TableSet set = store.set(frame.id())
                .orElseThrow(() -> new Refused("set", "It is not told yet how the set stood for this frame"));
        return ToneCurveFit.of(Bracket.of(
                set,
                store.alike(frame.id()).stream()
                        .map(one -> new FrameFile(picture(one), settings(one)))
                        .toList()));
    }

    private Picture laid(StoredFrame frame) {
        return frame.registration() == null
                ? picture(frame)
                : frame.registration().laid(picture(frame));
    }

    /** A frame as it lies on its picture by what is given, as a file. */
    byte[] laid(StoredFrame frame, FrameRegistration registration) {
        return PhotographFile.jpeg(registration.laid(picture(frame)));
    }

    private Picture picture(StoredFrame frame) {
        return open.find(frame.id(), store::picture).picture();
    }

    private static CameraSettings settings(StoredFrame frame) {
        return new CameraSettings(optional(frame.aperture()), optional(frame.shutter()), optional(frame.speed()));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
