package zephyrdune.render.trace;

import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Outline;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.SeenParts;
import zephyrdune.render.body.Ray;

/**
 * A light's face, of luminance 1 in its centre, as surfaces sample it: places on it are picked about as likely as the light
 * they give, by a warp of the square that is fitted to what its corners give (after D. Hart and others, Practical product
 * sampling by fitting and composing warps, EGSR 2020; a quadratic along each side instead of a root); on an uneven face as likely
 * as they are bright. Works in place; used by one thread.
 */
final class AreaLight {

    /** A corner counts for at least this share of the brightest, so that every place can be picked. */
    private static final double LEAST = 0.08;

    /** What is taken to arrive until rays have shown otherwise. */
    static final double ALL = 1;

    final EmittingFace face;

    /** Of the face, as the scene counts owners. */
    final int owner;

    /** What its red, green and blue count for. */
    final double[] bright;

    final FaceSolid body;

    /** Exact illuminance of the face were it even and Lambertian. */
    final Illuminance even;

    /** The face past cards, worked out; null where they are sampled like everything else. */
    final SeenParts past;

    /** Whether it is. */
    final boolean uniform;

    /** Height of its lowest point, metres. */
    final double lowest;

    /** The largest y of its points, metres. */
    final double farthestBack;

    private final boolean warped;

    /** Of an uneven face, or null. */
    private final FaceMap map;

    /** From which places are picked: of the face, or with a map of the rectangle round it. */
    private final double area;

    private final double acrossLength;
    private final double upLength;
    private final double[] centre;
    private final double[] acrossHalf;
    private final double[] upHalf;
    private final double[] front;
    private final double[] place = new double[2];

    // what the corners give: (0,0), (1,0), (0,1), (1,1)
    private double w00;
    private double w10;
    private double w01;
    private double w11;

    /**
     * Share of the light that reached the surface looked at last, as a first guess at what reaches the next: found by sample
     * numbers of another pixel, so that it favours nothing.
     */
    double arrived = ALL;

    // what sample() leaves behind
    double towardsX;
    double towardsY;
    double towardsZ;
    double length;

    /** Illuminance that the sampled place stands for, as if the face were even; for a surface square to the ray's normal. */
    double given;

    /** Luminance of the sampled place towards the surface. */
    double luminance;

    /** Density with which this direction was sampled, per steradian. */
    double pdf;

    AreaLight(SceneLights.Light light, int owner, Cutters cutters) {
        this(light.face(), light.map(), owner, cutters, light.red(), light.green(), light.blue());
    }

    AreaLight(EmittingFace face, FaceMap map, int owner, Cutters cutters, double... bright) {
        this.face = face;
        this.owner = owner;
        this.bright = bright;
        body = new FaceSolid(face);
        even = Illuminance.uniform(face);
        uniform = face.uniform();
        past = cutters == null ? null : new SeenParts(face, cutters);
        this.map = map;
        warped = map == null && face.outline() == Outline.RECTANGLE;
        acrossLength = face.acrossHalf().norm();
        upLength = face.upHalf().norm();
        area = map == null ? face.area() : 4 * acrossLength * upLength;
        centre = face.centre().toArray();
        acrossHalf = face.acrossHalf().toArray();
        upHalf = face.upHalf().toArray();
        front = face.front().toArray();
        farthestBack = centre[1] + Math.abs(acrossHalf[1]) + Math.abs(upHalf[1]);
        lowest = centre[2] - Math.abs(acrossHalf[2]) - Math.abs(upHalf[2]);
    }

    /** Fits the choice of places to a surface. */
    void fit(double x, double y, double z, double nx, double ny, double nz) {
        if (!warped) {
            return;
        }
        w00 = raw(-1, -1, x, y, z, nx, ny, nz);
        w10 = raw(1, -1, x, y, z, nx, ny, nz);
        w01 = raw(-1, 1, x, y, z, nx, ny, nz);
        w11 = raw(1, 1, x, y, z, nx, ny, nz);
        double least = LEAST * Math.max(Math.max(w00, w10), Math.max(w01, w11));
        if (least == 0) {
            w00 = 1;
            w10 = 1;
            w01 = 1;
            w11 = 1;
            return;
        }
        w00 = Math.max(least, w00);
        w10 = Math.max(least, w10);
        w01 = Math.max(least, w01);
        w11 = Math.max(least, w11);
    }

    private double raw(double across, double up, double x, double y, double z, double nx, double ny, double nz) {
        double sx = centre[0] + across * acrossHalf[0] + up * upHalf[0] - x;
        double sy = centre[1] + across * acrossHalf[1] + up * upHalf[1] - y;
        double sz = centre[2] + across * acrossHalf[2] + up * upHalf[2] - z;
        double atSurface = sx * nx + sy * ny + sz * nz;
        double atFace = -(sx * front[0] + sy * front[1] + sz * front[2]);
        if (atSurface <= 0 || atFace <= 0) {
            return 0;
        }
        double squared = sx * sx + sy * sy + sz * sz;
        return atSurface * atFace / (squared * squared);
    }

    /**
     * Picks a place of the face by two numbers from 0 to 1 and samples at it from a surface; false where it gives nothing.
     *
     * @param fitted whether {@link #fit} was called for this surface
     */
    boolean sample(double s, double t, boolean fitted, PathVertex at) {
        double likely = 1;
        double u = s;
        double v = t;
        if (fitted && warped) {
            double upwards = lean(w00 + w10, w01 + w11);
            v = t + upwards * t * (1 - t);
            double across = lean((1 - v) * w00 + v * w01, (1 - v) * w10 + v * w11);
            u = s + across * s * (1 - s);
            likely = 1 / ((1 + across * (1 - 2 * s)) * (1 + upwards * (1 - 2 * t)));
        }
        if (map == null) {
            face.outline().place(u, v, place);
        } else {
            likely = map.pick(s, t, place);
            if (!face.outline().holds(place[0], place[1])) {
                return false;
            }
        }
        double sx = centre[0] + place[0] * acrossHalf[0] + place[1] * upHalf[0] - at.x;
        double sy = centre[1] + place[0] * acrossHalf[1] + place[1] * upHalf[1] - at.y;
        double sz = centre[2] + place[0] * acrossHalf[2] + place[1] * upHalf[2] - at.z;
        double atSurface = at.above(sx, sy, sz);
        double atFace = -(sx * front[0] + sy * front[1] + sz * front[2]);
        if (atSurface <= 0 || atFace <= 0) {
            return false;
        }
        double squared = sx * sx + sy * sy + sz * sz;
        length = Math.sqrt(squared);
        towardsX = sx / length;
        towardsY = sy / length;
        towardsZ = sz / length;
        given = area * atSurface * atFace / (squared * squared * likely);
        pdf = likely * squared * length / (area * atFace);
        luminance = uniform ? 1 : luminance(place[0], place[1], towardsX, towardsY, towardsZ, atFace / length);
        return true;
    }

    /**
     * Looks at the face along a unit ray off a surface that was picked by other means; false when it gives nothing there.
     *
     * @param likely how likely that was, per steradian
     * @param beyond distance before which the face does not count
     */
    boolean sampleAlong(Ray ray, double likely, double beyond, PathVertex at) {
        double cosine = at.above(ray.dx, ray.dy, ray.dz);
        double atFace = -(ray.dx * front[0] + ray.dy * front[1] + ray.dz * front[2]);
        if (cosine <= 0 || atFace <= 0) {
            return false;
        }
        length = body.distance(ray, Scene.FARTHEST);
        if (length == Scene.FARTHEST || length < beyond) {
            return false;
        }
        towardsX = ray.dx;
        towardsY = ray.dy;
        towardsZ = ray.dz;
        given = cosine / likely;
        pdf = likely;
        luminance = 1;
        if (!uniform) {
            double x = ray.ox + length * ray.dx;
            double y = ray.oy + length * ray.dy;
            double z = ray.oz + length * ray.dz;
            luminance = luminance(body.across(x, y, z), body.up(x, y, z), ray.dx, ray.dy, ray.dz, atFace);
        }
        return true;
    }

    /** One coordinate (0 to 2 for x, y and z) of a place of the face, across and up from -1 to 1. */
    double place(double across, double up, int axis) {
        return centre[axis] + across * acrossHalf[axis] + up * upHalf[axis];
    }

    /** How likely {@link #sample} picks the place of the face that a path has come to, per steradian. */
    double pdf(PathVertex on, double cosine, boolean fitted) {
        double distance = on.hit.distance;
        if (map != null) {
            double mapped = map.likely(body.across(on.x, on.y, on.z), body.up(on.x, on.y, on.z));
            return mapped * distance * distance / (area * cosine);
        }
        double likely = fitted && warped
                ? likely((body.across(on.x, on.y, on.z) + 1) / 2, (body.up(on.x, on.y, on.z) + 1) / 2)
                : 1;
        return likely * distance * distance / (area * cosine);
    }

    /** Luminance of the place of the lit side that a unit ray meets. */
    double seen(PathVertex on) {
        if (uniform) {
            return 1;
        }
        double cosine = on.vx * front[0] + on.vy * front[1] + on.vz * front[2];
        return luminance(body.across(on.x, on.y, on.z), body.up(on.x, on.y, on.z), -on.vx, -on.vy, -on.vz, cosine);
    }

    /** Solid angle from a place in whose sight its middle is, near enough where that is small. */
    double solidAngle(double dx, double dy, double dz, double away) {
        double cosine = -(dx * front[0] + dy * front[1] + dz * front[2]);
        return Math.max(0, cosine) * face.area() / (away * away);
    }

    /** Luminance of its middle against a direction to it. */
    double towards(double dx, double dy, double dz) {
        double cosine = -(dx * front[0] + dy * front[1] + dz * front[2]);
        return cosine <= 0 ? 0 : uniform ? 1 : luminance(0, 0, dx, dy, dz, cosine);
    }

    private double luminance(double across, double up, double dx, double dy, double dz, double cosine) {
        double toSide = -(dx * acrossHalf[0] + dy * acrossHalf[1] + dz * acrossHalf[2]) / acrossLength;
        double upwards = -(dx * upHalf[0] + dy * upHalf[1] + dz * upHalf[2]) / upLength;
        return face.evenness(across, up) * face.distribution().relativeIntensity(toSide, upwards, cosine) / cosine;
    }

    /** How likely the warp comes to a place of the unit square. */
    private double likely(double u, double v) {
        double upwards = lean(w00 + w10, w01 + w11);
        double across = lean((1 - v) * w00 + v * w01, (1 - v) * w10 + v * w11);
        return 1 / (slope(across, u) * slope(upwards, v));
    }

    /** Slope of s + lean s (1 - s) where that is {@code x}: the root of what lies under the quadratic's solution. */
    private static double slope(double lean, double x) {
        return Math.sqrt((1 + lean) * (1 + lean) - 4 * lean * x);
    }

    /** Of a warp that makes one end of a stretch as much likelier than the other as their weights are. */
    private static double lean(double a, double b) {
        return (b - a) / (b + a);
    }
}
