package zephyrdune.answers.frame;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.set.TableSet;
import zephyrdune.set.power.DialMark;
import zephyrdune.set.source.Source;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Stops;

/**
 * The power that brings the background of a frame to where it clips, and no further; all else as it stood.
 *
 * @param wantedBelow full power, stops; negative where full power is not enough
 * @param mark nearest to that on the darker side, so that nothing clips
 * @param heroTop the hero's top in that frame, stops from mid grey; absent where it was not measured
 * @param heroClips whether it is beyond white then
 */
public record JustWhite(double wantedBelow, DialMark mark, OptionalDouble heroTop, boolean heroClips) {

    /** Nearer to a mark than this is that mark, stops. */
    private static final double AT = 1e-6;

    /** @param below full power, stops, that the light was set to */
    static Optional<JustWhite> of(TableSet set, FrameFile file, double below, List<PatchReading> patches) {
        double white = file.curve().white();
        Optional<PatchReading> backdrop = measured(FramePatch.Part.BACKDROP, patches);
        if (backdrop.isEmpty() || !(lights(backdrop.get()) > 0) || !(room(backdrop.get()) < white)) {
            return Optional.empty();
        }
        double more = Stops.between(white - room(backdrop.get()), lights(backdrop.get()));
        double wanted = below - more;
        DialMark mark = darker(set.light().source(), wanted);
        double up = below - mark.below();
        Optional<PatchReading> hero = measured(FramePatch.Part.HERO_TOP, patches);
        OptionalDouble top = hero.isPresent()
                ? OptionalDouble.of(Stops.between(
                        lights(hero.get()) * Stops.ratio(up) + room(hero.get()), CorrectExposure.MID_GREY))
                : OptionalDouble.empty();
        return Optional.of(new JustWhite(
                wanted,
                mark,
                top,
                top.isPresent() && top.getAsDouble() > Stops.between(white, CorrectExposure.MID_GREY)));
    }

    private static DialMark darker(Source source, double wanted) {
        return source.dial().marks().stream()
                .filter(mark -> mark.below() > wanted - AT)
                .findFirst()
                .orElseGet(() -> source.dial().nearest(wanted));
    }

    private static Optional<PatchReading> measured(FramePatch.Part part, List<PatchReading> patches) {
        return patches.stream()
                .filter(patch -> patch.patch().part() == part && patch.off().isPresent())
                .findFirst();
    }

    /** What the room gives of a patch, as a pixel value: as predicted. */
    private static double room(PatchReading patch) {
        return patch.shares().room()
                * CorrectExposure.MID_GREY
                * Stops.ratio(patch.predicted().orElseThrow());
    }

    /** What the lights gave of it: the rest. */
    private static double lights(PatchReading patch) {
        return CorrectExposure.MID_GREY * Stops.ratio(patch.measured().orElseThrow()) - room(patch);
    }
}
