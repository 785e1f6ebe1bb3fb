package zephyrdune.render.body;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.material.Material;

/**
 * A dish or product as rays meet it.
 *
 * @param opaque what throws full shadows, or null
 * @param clear what light passes, bent, or null
 */
public record Body(Solid opaque, Solid clear) {

    /** Gathers the pieces of a body. */
    static final class Maker {

        private final List<Solid> opaque = new ArrayList<>();
        private final List<Solid> clear = new ArrayList<>();

        Maker add(Solid piece) {
            opaque.add(piece);
            return this;
        }

        Maker addClear(Solid piece) {
            clear.add(piece);
            return this;
        }

        /** A stretched ball by its middle and half its axes, turned in the table's plane. */
        Maker addRound(Vector3D middle, double halfX, double halfY, double halfZ, double turn, Material material) {
            return add(posed(Round.whole(material), middle, halfX, halfY, halfZ, turn));
        }

        Body body() {
            return new Body(one(opaque), one(clear));
        }

        private static Solid one(List<Solid> pieces) {
            return pieces.isEmpty() ? null : pieces.size() == 1 ? pieces.get(0) : Group.of(pieces);
        }
    }

    /** A body stretched along its own axes, turned counter-clockwise seen from above, and put elsewhere. */
    static Solid posed(Solid body, Vector3D at, double x, double y, double z, double turn) {
        double cosine = Math.cos(turn);
        double sine = Math.sin(turn);
        return new Transformed(
                body,
                Vector3D.of(cosine * x, sine * x, 0),
                Vector3D.of(-sine * y, cosine * y, 0),
                Vector3D.of(0, 0, z),
                at);
    }

    /** The same as large as it is. */
    static Solid posed(Solid body, Vector3D at, double turn) {
        return posed(body, at, 1, 1, 1, turn);
    }

    /** The same body elsewhere on the table. */
    public Body moved(double x, double y, double lift, double turn) {
        if (x == 0 && y == 0 && lift == 0 && turn == 0) {
            return this;
        }
        Vector3D at = Vector3D.of(x, y, lift);
        return new Body(opaque == null ? null : posed(opaque, at, turn), clear == null ? null : posed(clear, at, turn));
    }

    /** A number from 0 to 1 that looks drawn at random but belongs to a piece, so that a dish always looks the same. */
    static double noise(int piece, int draw) {
        int h = (piece * 0x9e3779b9) ^ (draw * 0x85ebca6b);
        h ^= h >>> 16;
        h *= 0x7feb352d;
        h ^= h >>> 15;
        h *= 0x846ca68b;
        h ^= h >>> 16;
        return (h >>> 1) * 0x1p-31;
    }
}
