package zephyrdune.answers.finding;

import java.util.Optional;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Snooted;
import zephyrdune.units.measure.Lengths;

/** A light that is smaller than it is taken for. The bounds are common practice, no published source. */
final class PartLit {

    /** Of the panel's area: with less it is plainly a smaller light, and what mends it. */
    private static final double SMALL = 0.35;

    private static final double MOST_OF_IT = 0.7;

    /** A face may be this much wider than the snoot on it. */
    private static final double ABOUT = 1.5;

    private static final double STEP = 0.05;
    private static final double FARTHEST = 2;

    private PartLit() {}

    /** A panel that its source lights on a small part alone. */
    static Optional<Spoiled> panel(Inspection scene) {
        TableSet set = scene.set;
        if (!(set.light().filling() instanceof FromBehind behind)) {
            return Optional.empty();
        }
        EmittingFace acting = scene.key.face().acting();
        return share(scene.key.face()) >= SMALL
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.PANEL_PARTLY_LIT,
                        "light.filling.gap",
                        "Only %s by %s of the panel are lit: it is as soft as a light of that size"
                                .formatted(
                                        Lengths.words(2 * acting.acrossHalf().norm()),
                                        Lengths.words(2 * acting.upHalf().norm())),
                        () -> Trying.first(
                                        STEP,
                                        FARTHEST,
                                        by -> set.withLight(set.light().withFilling(behind.withGap(behind.gap() + by))),
                                        moved -> share(EmittingFace.of(moved.light(), moved.room())) > MOST_OF_IT)
                                .map(found -> new Mend(
                                        "Move the source %s further behind the panel"
                                                .formatted(Lengths.words(found.by())),
                                        found.set()))));
    }

    private static double share(EmittingFace face) {
        return face.acting().area() / face.area();
    }

    /** A snoot on a face that does not fit into it. */
    static Optional<Spoiled> snoot(Inspection scene) {
        Light light = scene.set.light();
        if (!(light.spread() instanceof Snooted snoot)) {
            return Optional.empty();
        }
        double wide = Math.max(light.face().across(), light.face().along());
        return wide <= ABOUT * snoot.width()
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.SNOOT_TOO_SMALL,
                        "light.face",
                        "A snoot of %s is on a light of %s: in truth all light comes out of its mouth"
                                .formatted(Lengths.words(snoot.width()), Lengths.words(wide)),
                        () -> Optional.of(new Mend(
                                "Make the light as big as its mouth",
                                scene.set.withLight(light.withFace(new Disc(snoot.width())))))));
    }
}
