package zephyrdune.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.illuminance.ContourFormula;
import zephyrdune.measure.Stops;

/** Follows the rays of one row of pixels. Works in place on its own arrays and is used by one thread. */
final class Tracer {

    /** Reflections followed after the one that the camera sees. */
    private static final int REFLECTIONS = 2;

    private static final int PIXEL = 0;
    private static final int FACE = 2;

    /** From here on, a direction and a place on the face for every reflection. */
    private static final int PATH = 4;

    private final Scene scene;
    private final ContourFormula light;
    private final double ambient;
    private final Quality quality;
    private final double axialIntensity;
    private final double[] faceCentre;
    private final double[] faceAcross;
    private final double[] faceUp;
    private final double[] faceFront;
    private final Spread spread = new Spread();
    private final Hit hit = new Hit();
    private final Hit bounced = new Hit();
    private final double[] out = new double[3];
    private final double[] direction = new double[3];

    /** Luminance towards the light per unit of illuminance, of the path being followed. */
    private final double[] weight = new double[3];

    Tracer(Scene scene, EmittingFace face, ContourFormula light, double ambient, Quality quality) {
        this.scene = scene;
        this.light = light;
        this.ambient = ambient;
        this.quality = quality;
        axialIntensity = face.axialIntensity();
        faceCentre = face.centre().toArray();
        faceAcross = face.acrossHalf().toArray();
        faceUp = face.upHalf().toArray();
        faceFront = face.front().toArray();
    }

    /** Luminance of an even surround that gives an open level surface so many stops less than the key gives the hero. */
    static double ambientLuminance(double heroIlluminance, double stopsUnderKey) {
        return heroIlluminance * Stops.ratio(-stopsUnderKey) / Math.PI;
    }

    void row(View view, int row, int width, int height, double exposed, float[] linear) {
        for (int column = 0; column < width; column++) {
            spread.reseed(Spread.mix(((long) row << 32) + column));
            double red = 0;
            double green = 0;
            double blue = 0;
            for (int look = 0; look < quality.looks(); look++) {
                Vector3D ray = view.ray(
                        (column + spread.at(PIXEL, look)) / width, (row + spread.at(PIXEL + 1, look)) / height);
                luminance(view.eye(), ray, look);
                red += out[0];
                green += out[1];
                blue += out[2];
            }
            int at = 3 * (row * width + column);
            double scale = exposed / quality.looks();
            linear[at] = (float) Math.max(0, red * scale);
            linear[at + 1] = (float) Math.max(0, green * scale);
            linear[at + 2] = (float) Math.max(0, blue * scale);
        }
    }

    /** Luminance that the camera sees along a ray, into {@link #out}. */
    private void luminance(Vector3D eye, Vector3D ray, int look) {
        scene.meet(eye.getX(), eye.getY(), eye.getZ(), ray.getX(), ray.getY(), ray.getZ(), hit);
        out[0] = 0;
        out[1] = 0;
        out[2] = 0;
        if (!hit.found(Scene.FARTHEST)) {
            out[0] = out[1] = out[2] = ambient;
            return;
        }
        if (hit.surface == null) {
            out[0] = out[1] = out[2] = hit.light ? 1 : 0;
            return;
        }
        double x = eye.getX() + hit.distance * ray.getX() + hit.nx * Scene.SKIN;
        double y = eye.getY() + hit.distance * ray.getY() + hit.ny * Scene.SKIN;
        double z = eye.getZ() + hit.distance * ray.getZ() + hit.nz * Scene.SKIN;
        double direct = light.at(x, y, z, hit.nx, hit.ny, hit.nz);
        if (direct > 0 && !scene.clear(x, y, z)) {
            direct *= openShare(x, y, z, hit, look * quality.shadowRays(), quality.shadowRays());
        }
        for (int path = 0; path < quality.bounces(); path++) {
            follow(x, y, z, look * quality.bounces() + path);
        }
        double share = quality.bounces() == 0 ? 0 : 1.0 / quality.bounces();
        out[0] = hit.surface.red() * (direct / Math.PI + out[0] * share);
        out[1] = hit.surface.green() * (direct / Math.PI + out[1] * share);
        out[2] = hit.surface.blue() * (direct / Math.PI + out[2] * share);
    }

    /**
     * Adds to {@link #out} the luminance that arrives along one path from the surface in {@link #hit}, cosine-weighted
     * so that the mean over paths times reflectance is what the surface sends on.
     */
    private void follow(double startX, double startY, double startZ, int index) {
        weight[0] = 1;
        weight[1] = 1;
        weight[2] = 1;
        double x = startX;
        double y = startY;
        double z = startZ;
        Hit from = hit;
        for (int reflection = 0; reflection < REFLECTIONS; reflection++) {
            int dimension = PATH + 4 * reflection;
            cosineDirection(from, spread.at(dimension, index), spread.at(dimension + 1, index));
            double dx = direction[0];
            double dy = direction[1];
            double dz = direction[2];
            scene.meet(x, y, z, dx, dy, dz, bounced);
            if (!bounced.found(Scene.FARTHEST)) {
                add(ambient);
                return;
            }
            if (bounced.surface == null) {
                return; // the face's own light is counted where it falls, and its back is black
            }
            x += bounced.distance * dx + bounced.nx * Scene.SKIN;
            y += bounced.distance * dy + bounced.ny * Scene.SKIN;
            z += bounced.distance * dz + bounced.nz * Scene.SKIN;
            weight[0] *= bounced.surface.red();
            weight[1] *= bounced.surface.green();
            weight[2] *= bounced.surface.blue();
            double sampled =
                    illuminance(x, y, z, bounced, spread.at(dimension + 2, index), spread.at(dimension + 3, index));
            add(sampled / Math.PI);
            from = bounced;
        }
    }

    private void add(double luminance) {
        out[0] += weight[0] * luminance;
        out[1] += weight[1] * luminance;
        out[2] += weight[2] * luminance;
    }

    /** The share of the face's light that reaches a point, each ray weighted by the light it stands for. */
    private double openShare(double x, double y, double z, Hit at, int firstRay, int rays) {
        double all = 0;
        double passed = 0;
        for (int ray = 0; ray < rays; ray++) {
            double across = 2 * spread.at(FACE, firstRay + ray) - 1;
            double up = 2 * spread.at(FACE + 1, firstRay + ray) - 1;
            double sx = faceCentre[0] + across * faceAcross[0] + up * faceUp[0] - x;
            double sy = faceCentre[1] + across * faceAcross[1] + up * faceUp[1] - y;
            double sz = faceCentre[2] + across * faceAcross[2] + up * faceUp[2] - z;
            double atSurface = sx * at.nx + sy * at.ny + sz * at.nz;
            double atFace = -(sx * faceFront[0] + sy * faceFront[1] + sz * faceFront[2]);
            if (atSurface > 0 && atFace > 0) {
                double squared = sx * sx + sy * sy + sz * sz;
                double stands = atSurface * atFace / (squared * squared);
                double length = Math.sqrt(squared);
                all += stands;
                if (!scene.shaded(x, y, z, sx / length, sy / length, sz / length, length)) {
                    passed += stands;
                }
            }
        }
        return all > 0 ? passed / all : 0;
    }

    /**
     * Illuminance at a point, as estimated from the one point of the face at (across, up), each 0 to 1: the open
     * illuminance, less what that point gives when it is blocked. Free of bias, and exact where nothing blocks; in shadow
     * single estimates may be negative.
     */
    private double illuminance(double x, double y, double z, Hit at, double across, double up) {
        double open = light.at(x, y, z, at.nx, at.ny, at.nz);
        if (open == 0 || scene.clear(x, y, z)) {
            return open;
        }
        double a = 2 * across - 1;
        double u = 2 * up - 1;
        double sx = faceCentre[0] + a * faceAcross[0] + u * faceUp[0] - x;
        double sy = faceCentre[1] + a * faceAcross[1] + u * faceUp[1] - y;
        double sz = faceCentre[2] + a * faceAcross[2] + u * faceUp[2] - z;
        double atSurface = sx * at.nx + sy * at.ny + sz * at.nz;
        double atFace = -(sx * faceFront[0] + sy * faceFront[1] + sz * faceFront[2]);
        if (atSurface <= 0 || atFace <= 0) {
            return open;
        }
        double squared = sx * sx + sy * sy + sz * sz;
        double length = Math.sqrt(squared);
        return scene.shaded(x, y, z, sx / length, sy / length, sz / length, length)
                ? open - axialIntensity * atSurface * atFace / (squared * squared)
                : open;
    }

    /** A direction off a surface, as likely as the cosine with its normal, into {@link #direction}. */
    private void cosineDirection(Hit at, double first, double second) {
        double radius = Math.sqrt(first);
        double turn = 2 * Math.PI * second;
        double a = radius * Math.cos(turn);
        double b = radius * Math.sin(turn);
        double c = Math.sqrt(Math.max(0, 1 - first));
        // two directions square to the normal (Duff et al., J. Comput. Graph. Tech. 6(1), 2017)
        double sign = Math.copySign(1, at.nz);
        double k = -1 / (sign + at.nz);
        double m = at.nx * at.ny * k;
        direction[0] = a * (1 + sign * at.nx * at.nx * k) + b * m + c * at.nx;
        direction[1] = a * (sign * m) + b * (sign + at.ny * at.ny * k) + c * at.ny;
        direction[2] = a * (-sign * at.nx) + b * -at.ny + c * at.nz;
    }
}
