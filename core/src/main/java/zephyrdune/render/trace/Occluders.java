package zephyrdune.render.trace;

import zephyrdune.render.body.Ball;
import zephyrdune.render.body.PanelBody;
import zephyrdune.render.body.Ray;
import zephyrdune.set.card.Panel;
import zephyrdune.set.surface.Surface;

/** What can stand between a place and a light: gathered once for a place, asked for every ray from there. */
final class Occluders {

    private final Planes planes;
    private final SolidArray opaque;
    private final SolidArray clear;

    /** The pieces of the opaque bodies: those of body i are from firstPiece[i] to before firstPiece[i + 1]. */
    private final SolidArray pieces;

    private final int[] firstPiece;

    /** The first card with openings, or null; its piece, and that of the same card shut, which is in nobody's way. */
    final PanelBody holed;

    final int holedPiece;
    final int shutPiece;

    /**
     * Of a scene's bodies.
     *
     * @param holedAt which of the opaque bodies is the first card with openings, or -1
     * @param shut the same card without its openings, or null
     */
    Occluders(Planes planes, SolidArray opaque, SolidArray clear, int holedAt, Panel shut) {
        this.planes = planes;
        this.opaque = opaque;
        this.clear = clear;
        SolidList split = new SolidList();
        firstPiece = new int[opaque.solids.length + 1];
        for (int i = 0; i < opaque.solids.length; i++) {
            firstPiece[i] = split.size();
            opaque.solids[i].pieces().forEach(piece -> split.add(piece, 0));
        }
        firstPiece[opaque.solids.length] = split.size();
        holed = holedAt < 0 ? null : (PanelBody) opaque.solids[holedAt];
        holedPiece = holedAt < 0 ? -1 : firstPiece[holedAt];
        shutPiece = holedAt < 0 ? -1 : split.size();
        if (shut != null) {
            split.add(PanelBody.of(shut, Surface.BLACK_PAPER), 0);
        }
        pieces = new SolidArray(split);
    }

    /** An empty list, large enough for any place. */
    OccluderList list() {
        return new OccluderList(pieces.solids.length, clear.solids.length);
    }

    /** What can stand between a place and a light's face, into a list. */
    void gather(double x, double y, double z, AreaLight light, OccluderList between) {
        Ball face = light.body.ball();
        between.clear();
        double fx = face.x() - x;
        double fy = face.y() - y;
        double fz = face.z() - z;
        double far = Math.sqrt(fx * fx + fy * fy + fz * fz);
        double radius = face.radius();
        between.behindBackdrop = planes.behind(y) || planes.behind(light.farthestBack);
        between.underTable = z < 0;
        // how steeply light comes down at least, from anywhere on the face
        double slope = Math.max(0, light.lowest - z) / (Math.sqrt(fx * fx + fy * fy) + radius);
        for (int i = 0; i < opaque.solids.length; i++) {
            if (opaque.owner(i) == light.owner
                    || opaque.underneath(i, x, y, z, slope)
                    || !opaque.between(i, x, y, z, fx, fy, fz, far, radius)) {
                continue;
            }
            for (int k = firstPiece[i]; k < firstPiece[i + 1]; k++) {
                if (firstPiece[i] + 1 == firstPiece[i + 1]
                        || !pieces.underneath(k, x, y, z, slope)
                                && pieces.between(k, x, y, z, fx, fy, fz, far, radius)) {
                    between.opaque[between.opaques++] = k;
                }
            }
        }
        for (int i = 0; i < clear.solids.length; i++) {
            if (clear.between(i, x, y, z, fx, fy, fz, far, radius)) {
                between.clear[between.clears++] = i;
            }
        }
    }

    /**
     * What of each of red, green and blue gets along a unit ray to a light {@code length} away, into {@code passed}. Clear
     * bodies dim it but do not bend it; whether there are any on the way is left in the list.
     */
    void passed(Ray ray, double length, OccluderList between, double[] passed) {
        double open = blocked(ray, length, between) ? 0 : 1;
        passed[0] = open;
        passed[1] = open;
        passed[2] = open;
        between.throughGlass = false;
        for (int k = 0; k < between.clears && open > 0; k++) {
            int i = between.clear[k];
            if (!clear.misses(ray, i)) {
                between.throughGlass |=
                        Transmittance.through(clear.solids[i], ray, length - Scene.SKIN, between.hit, passed);
            }
        }
    }

    private boolean blocked(Ray ray, double length, OccluderList between) {
        if (between.behindBackdrop && planes.backdropBlocks(ray, length)
                || between.underTable && planes.tableBlocks(ray, length)) {
            return true;
        }
        for (int k = 0; k < between.opaques; k++) {
            int i = between.opaque[k];
            if (!pieces.misses(ray, i) && pieces.solids[i].blocks(ray, length - Scene.SKIN)) {
                return true;
            }
        }
        return false;
    }

    /** Leaves in a list only what the cutters of a face do not account for: flat pieces, cards and flaps, are worked out. */
    void withoutPanels(OccluderList between) {
        int left = 0;
        for (int i = 0; i < between.opaques; i++) {
            int piece = between.opaque[i];
            if (!(pieces.solids[piece] instanceof PanelBody)) {
                between.opaque[left++] = piece;
            }
        }
        between.opaques = left;
    }
}
