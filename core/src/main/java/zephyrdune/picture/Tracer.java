package zephyrdune.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;

/** Follows the rays of one row of pixels. Works in place on its own arrays and is used by one thread. */
final class Tracer {

    /** Reflections followed after the one that the camera sees. */
    private static final int REFLECTIONS = 2;

    /** Places of an uneven face that are looked at from each reflection. */
    private static final int UNEVEN_RAYS = 4;

    private static final int PIXEL = 0;
    private static final int FACE = 2;

    /** From here on, a direction and a place on the face for every reflection. */
    private static final int PATH = 4;

    private final Scene scene;
    private final Illumination light;
    private final EmittingFace face;
    private final boolean uniform;
    private final Quality quality;
    private final double areaLuminance;
    private final double acrossLength;
    private final double upLength;
    private final double[] faceCentre;
    private final double[] faceAcross;
    private final double[] faceUp;
    private final double[] faceFront;
    private final Spread spread = new Spread();
    private final Hit hit = new Hit();
    private final Hit bounced = new Hit();
    private final double[] out = new double[3];
    private final double[] direction = new double[3];

    /** What {@link #toFace} leaves behind. */
    private final double[] place = new double[2];

    private final double[] towards = new double[3];
    private double length;
    private double given;
    private double cosine;

    /** Luminance towards the light per unit of illuminance, of the path being followed. */
    private final double[] weight = new double[3];

    Tracer(Scene scene, Illumination light, Quality quality) {
        this.scene = scene;
        this.light = light;
        this.quality = quality;
        face = light.face();
        uniform = face.uniform();
        areaLuminance = face.area() * face.luminance();
        acrossLength = face.acrossHalf().norm();
        upLength = face.upHalf().norm();
        faceCentre = face.centre().toArray();
        faceAcross = face.acrossHalf().toArray();
        faceUp = face.upHalf().toArray();
        faceFront = face.front().toArray();
    }

    void row(View view, int row, int width, int height, float[] linear) {
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
            double scale = light.exposed() / quality.looks();
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
            tint(light.ambient(), light.ambientColour());
            return;
        }
        if (hit.surface == null) {
            tint(hit.light ? seen(eye.add(ray.multiply(hit.distance)), ray) : 0, light.keyColour());
            return;
        }
        double x = eye.getX() + hit.distance * ray.getX() + hit.nx * Scene.SKIN;
        double y = eye.getY() + hit.distance * ray.getY() + hit.ny * Scene.SKIN;
        double z = eye.getZ() + hit.distance * ray.getZ() + hit.nz * Scene.SKIN;
        double direct = light.even().at(x, y, z, hit.nx, hit.ny, hit.nz);
        if (direct > 0) {
            boolean clear = scene.clear(x, y, z);
            if (!clear || !uniform) {
                direct *= openShare(x, y, z, hit, FACE, look * quality.shadowRays(), quality.shadowRays(), clear);
            }
        }
        for (int path = 0; path < quality.bounces(); path++) {
            follow(x, y, z, look * quality.bounces() + path);
        }
        double share = quality.bounces() == 0 ? 0 : 1.0 / quality.bounces();
        out[0] = hit.surface.red() * (direct / Math.PI * light.keyColour()[0] + out[0] * share);
        out[1] = hit.surface.green() * (direct / Math.PI * light.keyColour()[1] + out[1] * share);
        out[2] = hit.surface.blue() * (direct / Math.PI * light.keyColour()[2] + out[2] * share);
    }

    private void tint(double luminance, double[] colour) {
        out[0] = luminance * colour[0];
        out[1] = luminance * colour[1];
        out[2] = luminance * colour[2];
    }

    /** Luminance of the lit face at a point of it, seen along a ray. */
    private double seen(Vector3D point, Vector3D ray) {
        Vector3D from = point.subtract(face.centre());
        double across = from.dot(face.acrossHalf()) / face.acrossHalf().normSq();
        double up = from.dot(face.upHalf()) / face.upHalf().normSq();
        return face.luminance(across, up, ray.negate());
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
                add(light.ambient(), light.ambientColour());
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
            double sampled = illuminance(x, y, z, bounced, dimension + 2, index);
            add(sampled / Math.PI, light.keyColour());
            from = bounced;
        }
    }

    private void add(double luminance, double[] colour) {
        out[0] += weight[0] * luminance * colour[0];
        out[1] += weight[1] * luminance * colour[1];
        out[2] += weight[2] * luminance * colour[2];
    }

    /**
     * The share of the even face's open light that really reaches a point: past dish and backdrop, and from a face that
     * may be uneven. Each ray is weighted by the light of the even face that it stands for.
     */
    private double openShare(
            double x, double y, double z, Hit at, int dimension, int firstRay, int rays, boolean clear) {
        double all = 0;
        double passed = 0;
        for (int ray = 0; ray < rays; ray++) {
            if (toFace(x, y, z, at, spread.at(dimension, firstRay + ray), spread.at(dimension + 1, firstRay + ray))) {
                all += given;
                if (clear || !scene.shaded(x, y, z, towards[0], towards[1], towards[2], length)) {
                    passed += given * against();
                }
            }
        }
        return all > 0 ? passed / all : 0;
    }

    /**
     * Illuminance at a point. Of an even face it is the open illuminance, less what one place of the face gives when it is
     * blocked: free of bias, exact where nothing blocks, and in shadow single estimates may be negative. Of an uneven
     * face it is the even face's times the share that a few places let through.
     */
    private double illuminance(double x, double y, double z, Hit at, int dimension, int index) {
        double open = light.even().at(x, y, z, at.nx, at.ny, at.nz);
        if (open == 0 || uniform && scene.clear(x, y, z)) {
            return open;
        }
        if (!uniform) {
            return open * openShare(x, y, z, at, dimension, UNEVEN_RAYS * index, UNEVEN_RAYS, false);
        }
        boolean blocked = toFace(x, y, z, at, spread.at(dimension, index), spread.at(dimension + 1, index))
                && scene.shaded(x, y, z, towards[0], towards[1], towards[2], length);
        return blocked ? open - areaLuminance * given : open;
    }

    /**
     * Looks at a place of the face, leaving the direction in {@link #towards}, the way in {@link #length}, and in {@link
     * #given} what it would give per unit of area and luminance; false where it gives nothing.
     */
    private boolean toFace(double x, double y, double z, Hit at, double first, double second) {
        face.outline().place(first, second, place);
        double sx = faceCentre[0] + place[0] * faceAcross[0] + place[1] * faceUp[0] - x;
        double sy = faceCentre[1] + place[0] * faceAcross[1] + place[1] * faceUp[1] - y;
        double sz = faceCentre[2] + place[0] * faceAcross[2] + place[1] * faceUp[2] - z;
        double atSurface = sx * at.nx + sy * at.ny + sz * at.nz;
        double atFace = -(sx * faceFront[0] + sy * faceFront[1] + sz * faceFront[2]);
        if (atSurface <= 0 || atFace <= 0) {
            return false;
        }
        double squared = sx * sx + sy * sy + sz * sz;
        length = Math.sqrt(squared);
        given = atSurface * atFace / (squared * squared);
        cosine = atFace / length;
        towards[0] = sx / length;
        towards[1] = sy / length;
        towards[2] = sz / length;
        return true;
    }

    /** Luminance of the place last looked at, over that of the even face. */
    private double against() {
        if (uniform) {
            return 1;
        }
        double across = -(towards[0] * faceAcross[0] + towards[1] * faceAcross[1] + towards[2] * faceAcross[2]);
        double up = -(towards[0] * faceUp[0] + towards[1] * faceUp[1] + towards[2] * faceUp[2]);
        return face.evenness(place[0], place[1])
                * face.distribution().relativeIntensity(across / acrossLength, up / upLength, cosine)
                / cosine;
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
