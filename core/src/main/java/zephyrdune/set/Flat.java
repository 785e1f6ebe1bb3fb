package zephyrdune.set;

import java.util.List;
import java.util.function.DoubleFunction;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.units.geometry.Bisection;

/**
 * A face of light or a card, as something that takes up room: its flat convex parts, and where they would be farther out.
 *
 * @param field that says how far out it is
 * @param words for it, with an article, as a sentence begins
 * @param distance out, as that field has it, metres
 * @param farthest that it can be
 * @param parts corners of each of its parts, for a distance
 * @param outlines the same where it is
 */
record Flat(
        String field,
        String words,
        double distance,
        double farthest,
        DoubleFunction<List<List<Vector3D>>> parts,
        List<List<Vector3D>> outlines) {

    private static final double FINE = 1e-9;
    private static final double FARTHEST_LIGHT = 10;
    private static final double FARTHEST_CARD = 5;

    /** The face of a light that stands by itself. */
    static Flat of(String field, String words, Light light) {
        return of(
                field,
                words,
                light.distance(),
                FARTHEST_LIGHT,
                out -> List.of(Pose.of(light.withDistance(out), new OpenRoom()).outline(light)));
    }

    static Flat of(String field, String words, Card card) {
        return of(
                field,
                words,
                card.distance(),
                FARTHEST_CARD,
                out -> card.withDistance(out).outlines());
    }

    private static Flat of(
            String field, String words, double distance, double farthest, DoubleFunction<List<List<Vector3D>>> parts) {
        return new Flat(field, words, distance, farthest, parts, parts.apply(distance));
    }

    /** All corners of its parts. */
    List<Vector3D> corners() {
        return outlines.stream().flatMap(List::stream).toList();
    }

    boolean in(Upright body) {
        return outlines.stream().anyMatch(body::holds);
    }

    /** How far out it has to be to clear a body it reaches into, metres; not less than the truth by more than a micrometre. */
    double clear(Upright body) {
        return Bisection.of(
                        distance,
                        farthest,
                        FINE,
                        out -> parts.apply(out).stream().anyMatch(body::holds))
                .fails();
    }

    boolean crosses(Flat other) {
        return other.outlines.stream().anyMatch(this::crosses);
    }

    boolean crosses(List<Vector3D> outline) {
        return outlines.stream().anyMatch(part -> Outlines.cross(part, outline));
    }
}
