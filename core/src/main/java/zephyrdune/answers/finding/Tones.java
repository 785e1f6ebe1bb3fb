package zephyrdune.answers.finding;

import java.util.Optional;
import zephyrdune.render.picture.CoarseFilm;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.PowerChoice;

/** What is lost at the ends of the picture's tones. The bounds are common practice, no published source. */
final class Tones {

    /** Shares of the frame: more than highlights that glint, and more than a dark ground. */
    private static final double BLOWN = 0.05;

    private static final double BLACK = 0.5;

    private static final double THIRD = 1.0 / 3;
    private static final double MOST = 4;

    private Tones() {}

    static Optional<Spoiled> blownOut(Inspection scene) {
        TableSet set = scene.set;
        double blown = scene.coarse().tones(set).clipped();
        return blown <= BLOWN
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.BLOWN_OUT,
                        "exposure.bias",
                        "%.0f %% of the frame is blown out".formatted(100 * blown),
                        () -> set.light().powerChoice() == PowerChoice.FOLLOWS
                                ? dimmer(set, scene.coarse())
                                : Optional.empty()));
    }

    private static Optional<Mend> dimmer(TableSet set, CoarseFilm film) {
        double bias = set.exposure().bias();
        return Trying.first(
                        THIRD,
                        MOST,
                        by -> set.withExposure(set.exposure().withBias(bias - by)),
                        dimmed -> film.tones(dimmed).clipped() < BLOWN / 2)
                .map(found -> new Mend(
                        "Set the bias to %+.1f stops"
                                .formatted(bias - found.by())
                                .replace('-', '\u2212'),
                        found.set()));
    }

    static Optional<Spoiled> blocked(Inspection scene) {
        double black = scene.coarse().tones(scene.set).blocked();
        return black <= BLACK
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.BLOCKED,
                        "ambient.illuminance",
                        "%.0f %% of the frame is black without detail".formatted(100 * black),
                        Optional::empty));
    }
}
