package zephyrdune.picture;

import zephyrdune.emitter.EmittingFace;
import zephyrdune.emitter.Outline;
import zephyrdune.table.Surface;
import zephyrdune.table.TableSet;

/** The set as rays meet it: table top, backdrop, dish, and the light's own face, which is black behind. */
final class Scene {

    /** Rays start this far off the surface they leave, metres. */
    static final double SKIN = 1e-6;

    static final double FARTHEST = 1e6;

    private final Solid dish;
    private final double backdropY;
    private final double backdropHalfWidth;
    private final double backdropHeight;
    private final Surface tableSurface;
    private final Surface backdropSurface;
    private final double[] faceCentre;
    private final double[] faceFront;
    private final double[] faceAcross;
    private final double[] faceUp;
    private final double faceRadius;
    private final Outline outline;

    private Scene(TableSet set, EmittingFace face) {
        dish = DishBody.of(set.dish());
        backdropY = set.backdrop().distance();
        backdropHalfWidth = set.backdrop().width() / 2;
        backdropHeight = set.backdrop().height();
        tableSurface = set.tableTop().surface();
        backdropSurface = set.backdrop().surface();
        outline = face.outline();
        faceCentre = face.centre().toArray();
        faceFront = face.front().toArray();
        faceRadius = Math.hypot(face.acrossHalf().norm(), face.upHalf().norm());
        // scaled so that a point of the face has coordinates from -1 to 1
        faceAcross = face.acrossHalf().multiply(1 / face.acrossHalf().normSq()).toArray();
        faceUp = face.upHalf().multiply(1 / face.upHalf().normSq()).toArray();
    }

    /**
     * Whether it is certain that nothing stands between a point and any part of the light's face: seen from the point, the
     * spheres that hold dish and face do not overlap.
     */
    boolean clear(double x, double y, double z) {
        if (y > backdropY) {
            return false;
        }
        double toDish = Math.sqrt(x * x + y * y + (z - dish.boundMiddle()) * (z - dish.boundMiddle()));
        double fx = faceCentre[0] - x;
        double fy = faceCentre[1] - y;
        double fz = faceCentre[2] - z;
        double toFace = Math.sqrt(fx * fx + fy * fy + fz * fz);
        if (toDish <= dish.boundRadius() || toFace <= faceRadius) {
            return false;
        }
        double cosine = (-x * fx - y * fy + (dish.boundMiddle() - z) * fz) / (toDish * toFace);
        double apart = Math.acos(Math.max(-1, Math.min(1, cosine)));
        return apart > Math.asin(dish.boundRadius() / toDish) + Math.asin(faceRadius / toFace);
    }

    static Scene of(TableSet set, EmittingFace face) {
        return new Scene(set, face);
    }

    /** A unit ray's nearest hit, into {@code hit}. */
    void meet(double ox, double oy, double oz, double dx, double dy, double dz, Hit hit) {
        hit.clear(FARTHEST);
        double toTable = -oz / dz;
        if (toTable > SKIN && toTable < FARTHEST) {
            hit.take(toTable, 0, 0, 1, dx, dy, dz, tableSurface);
        }
        double toBackdrop = (backdropY - oy) / dy;
        if (toBackdrop > SKIN && toBackdrop < hit.distance && onBackdrop(ox + toBackdrop * dx, oz + toBackdrop * dz)) {
            hit.take(toBackdrop, 0, -1, 0, dx, dy, dz, backdropSurface);
        }
        dish.meet(ox, oy, oz, dx, dy, dz, SKIN, hit);
        meetLight(ox, oy, oz, dx, dy, dz, hit);
    }

    private boolean onBackdrop(double x, double z) {
        return Math.abs(x) <= backdropHalfWidth && z >= 0 && z <= backdropHeight;
    }

    private void meetLight(double ox, double oy, double oz, double dx, double dy, double dz, Hit hit) {
        double facing = dx * faceFront[0] + dy * faceFront[1] + dz * faceFront[2];
        double cx = faceCentre[0] - ox;
        double cy = faceCentre[1] - oy;
        double cz = faceCentre[2] - oz;
        double t = (cx * faceFront[0] + cy * faceFront[1] + cz * faceFront[2]) / facing;
        if (!(t > SKIN && t < hit.distance)) {
            return;
        }
        double px = t * dx - cx;
        double py = t * dy - cy;
        double pz = t * dz - cz;
        double across = px * faceAcross[0] + py * faceAcross[1] + pz * faceAcross[2];
        double up = px * faceUp[0] + py * faceUp[1] + pz * faceUp[2];
        if (outline.holds(across, up)) {
            hit.distance = t;
            hit.surface = null;
            hit.light = facing < 0;
        }
    }

    /** Whether dish or backdrop stand in the way of a unit ray towards the light, {@code length} away. */
    boolean shaded(double ox, double oy, double oz, double dx, double dy, double dz, double length) {
        if (oy > backdropY) {
            // the light is never behind the backdrop, so only what lies behind can be in its shadow
            double toBackdrop = (backdropY - oy) / dy;
            if (onBackdrop(ox + toBackdrop * dx, oz + toBackdrop * dz)) {
                return true;
            }
        }
        return dish.blocks(ox, oy, oz, dx, dy, dz, SKIN, length - SKIN);
    }
}
