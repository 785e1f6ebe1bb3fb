package zephyrdune.answers.frame;

import java.util.List;
import zephyrdune.answers.tone.BracketFrame;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/** Frames of one set that only the camera's settings tell apart. */
public final class Bracket {

    /** Times that differ by less are one time, stops. */
    private static final double ALIKE = 0.01;

    private Bracket() {}

    /**
     * By how much each was exposed more.
     *
     * @throws Refused where that is not known: of a flash by other shutter times, where files do not tell
     */
    public static List<BracketFrame> of(TableSet set, List<FrameFile> frames) {
        boolean flash = set.light().source().flash();
        double shutter = frames.get(0).settings().in(set.exposure()).exactShutter();
        return frames.stream()
                .map(frame -> {
                    if (frame.settings().aperture().isEmpty()
                            || frame.settings().speed().isEmpty()
                            || frame.settings().shutter().isEmpty()) {
                        throw new Refused(
                                "frames",
                                "A frame’s file does not say aperture, shutter and ISO, which a bracket is told apart by");
                    }
                    Exposure taken = frame.settings().in(set.exposure());
                    double longer = Stops.between(taken.exactShutter(), shutter);
                    if (flash && Math.abs(longer) > ALIKE) {
                        throw new Refused(
                                "frames",
                                "A flash does not know how long the shutter is open: between the frames of a bracket change aperture or ISO");
                    }
                    return new BracketFrame(
                            frame.picture(),
                            longer
                                    - Stops.between(
                                            taken.correct(), set.exposure().correct()));
                })
                .toList();
    }
}
