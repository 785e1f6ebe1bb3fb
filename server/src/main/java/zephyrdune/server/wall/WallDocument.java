package zephyrdune.server.wall;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import zephyrdune.answers.wall.WallFrame;
import zephyrdune.answers.wall.WallProfile;
import zephyrdune.answers.wall.WallSetup;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.kit.Shaper;

/**
 * A wall test as it is kept.
 *
 * @param kit the source and the shapers that are tested, as they were stated when it began
 * @param frames one at most of each shaper
 */
record WallDocument(
        Kit kit,
        double distanceMetres,
        double framedWidthMetres,
        double aperture,
        double shutterSeconds,
        double speed,
        List<TakenProfile> frames) {

    /** Nothing of these is asked by a wall. */
    private static final double SYNC = 1.0 / 200;

    private static final double DAYLIGHT = 5500;

    /**
     * What a frame showed.
     *
     * @param below full power, stops, of the mark that was asked for
     */
    record TakenProfile(String shaper, double below, WallProfile profile) {}

    WallDocument {
        frames = List.copyOf(frames);
    }

    WallSetup setup() {
        return WallSetup.of(
                kit.sources().get(0),
                distanceMetres,
                framedWidthMetres,
                new Exposure(aperture, shutterSeconds, speed, SYNC, 0, DAYLIGHT));
    }

    Optional<Shaper> shaper(String name) {
        return kit.shapers().stream()
                .filter(shaper -> shaper.name().equals(name))
                .findFirst();
    }

    /** The frames in the order of the shapers. */
    List<WallFrame> taken() {
        return kit.shapers().stream()
                .flatMap(shaper -> frame(shaper.name()).stream()
                        .map(taken -> new WallFrame(shaper, taken.below(), taken.profile())))
                .toList();
    }

    private Optional<TakenProfile> frame(String shaper) {
        return frames.stream().filter(taken -> taken.shaper().equals(shaper)).findFirst();
    }

    WallDocument with(TakenProfile taken) {
        return withFrames(
                Stream.concat(without(taken.shaper()), Stream.of(taken)).toList());
    }

    WallDocument withoutFrame(String shaper) {
        return withFrames(without(shaper).toList());
    }

    private Stream<TakenProfile> without(String shaper) {
        return frames.stream().filter(taken -> !taken.shaper().equals(shaper));
    }

    private WallDocument withFrames(List<TakenProfile> others) {
        return new WallDocument(kit, distanceMetres, framedWidthMetres, aperture, shutterSeconds, speed, others);
    }
}
