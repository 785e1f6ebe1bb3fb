package zephyrdune.answers.fill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;

/**
 * Where a mirror throws the key: as a second light that stands behind it, seen through it. By the law of reflection, for the middle of the
 * face.
 *
 * @param light the second light, metres
 * @param patch corners of the light on the table, metres
 */
public record SecondLight(Vector3D light, List<Vector3D> patch) {

    /** Of every flat part of every polished card that lights the table. */
    public static List<SecondLight> of(TableSet set) {
        List<SecondLight> lights = new ArrayList<>();
        for (Card card : set.cards()) {
            lights.addAll(of(set, card));
        }
        return lights;
    }

    static List<SecondLight> of(TableSet set, Card card) {
        if (!card.surface().finish().polished()) {
            return List.of();
        }
        Vector3D key = set.pose().centre();
        return card.panels().stream().flatMap(panel -> of(key, panel).stream()).toList();
    }

    private static Optional<SecondLight> of(Vector3D key, Panel panel) {
        double off = key.subtract(panel.centre()).dot(panel.normal());
        Vector3D behind = key.subtract(panel.normal().multiply(2 * off));
        List<Vector3D> patch = new ArrayList<>();
        for (Vector3D corner : panel.corners()) {
            double drop = behind.getZ() - corner.getZ();
            if (drop <= 0) {
                return Optional.empty();
            }
            patch.add(behind.add(corner.subtract(behind).multiply(behind.getZ() / drop)));
        }
        return Optional.of(new SecondLight(behind, patch));
    }

    /** The middle of the patch, metres. */
    public Vector3D middle() {
        return patch.stream().reduce(Vector3D.ZERO, Vector3D::add).multiply(1.0 / patch.size());
    }
}
