package zephyrdune.render.body;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** A body stretched, turned and put elsewhere. */
final class Transformed implements Solid {

    private final Solid body;
    private final Vector3D x;
    private final Vector3D y;
    private final Vector3D z;
    private final Vector3D origin;

    /** Image of the origin. */
    private final double[] at;

    /** Rows of the inverse, which is also what normals are turned by. */
    private final double[] intoX;

    private final double[] intoY;
    private final double[] intoZ;
    private final Ball ball;
    private final Bounds bounds;

    /** @param x where the unit vector along x goes; y and z likewise, square to each other */
    Transformed(Solid body, Vector3D x, Vector3D y, Vector3D z, Vector3D at) {
        this.body = body;
        this.x = x;
        this.y = y;
        this.z = z;
        origin = at;
        this.at = at.toArray();
        double volume = x.dot(y.cross(z));
        intoX = y.cross(z).multiply(1 / volume).toArray();
        intoY = z.cross(x).multiply(1 / volume).toArray();
        intoZ = x.cross(y).multiply(1 / volume).toArray();
        Ball own = body.ball();
        double stretch = Math.max(x.norm(), Math.max(y.norm(), z.norm()));
        Vector3D middle = at.add(x.multiply(own.x())).add(y.multiply(own.y())).add(z.multiply(own.z()));
        bounds = bounds(body.bounds());
        ball = new Ball(middle.getX(), middle.getY(), middle.getZ(), stretch * own.radius());
    }

    /** The image of a box: its middle, and half its sides added up along each axis. */
    private Bounds bounds(Bounds own) {
        double[] alongX = x.toArray();
        double[] alongY = y.toArray();
        double[] alongZ = z.toArray();
        double[] low = new double[3];
        double[] high = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            double middle = at[axis]
                    + own.middle(0) * alongX[axis]
                    + own.middle(1) * alongY[axis]
                    + own.middle(2) * alongZ[axis];
            double half = own.half(0) * Math.abs(alongX[axis])
                    + own.half(1) * Math.abs(alongY[axis])
                    + own.half(2) * Math.abs(alongZ[axis]);
            low[axis] = middle - half;
            high[axis] = middle + half;
        }
        return Bounds.of(low, high);
    }

    @Override
    public List<Solid> pieces() {
        List<Solid> pieces = body.pieces();
        return pieces.size() == 1
                ? List.of(this)
                : pieces.stream()
                        .<Solid>map(piece -> new Transformed(piece, x, y, z, origin))
                        .toList();
    }

    @Override
    public Ball ball() {
        return ball;
    }

    @Override
    public Bounds bounds() {
        return bounds;
    }

    @Override
    public List<Facets> facets(double scale) {
        double stretch = Math.max(x.norm(), Math.max(y.norm(), z.norm()));
        return body.facets(scale * stretch).stream().map(this::out).toList();
    }

    private Facets out(Facets inside) {
        double[] places = new double[inside.places().length];
        double[] normals = new double[places.length];
        for (int i = 0; i < places.length / 3; i++) {
            Vector3D own = inside.place(i);
            Vector3D place = origin.add(x.multiply(own.getX()))
                    .add(y.multiply(own.getY()))
                    .add(z.multiply(own.getZ()));
            Vector3D normal = outwards(inside.normal(i));
            for (int axis = 0; axis < 3; axis++) {
                places[3 * i + axis] = place.toArray()[axis];
                normals[3 * i + axis] = normal.toArray()[axis];
            }
        }
        boolean mirrored = x.dot(y.cross(z)) < 0;
        return new Facets(places, normals, mirrored ? reversed(inside.corners()) : inside.corners(), inside.material());
    }

    /** In a mirror what goes clockwise goes counter-clockwise. */
    private static int[] reversed(int[] corners) {
        int[] reversed = corners.clone();
        for (int i = 0; i < corners.length; i += 3) {
            reversed[i + 1] = corners[i + 2];
            reversed[i + 2] = corners[i + 1];
        }
        return reversed;
    }

    private Vector3D outwards(Vector3D normal) {
        Vector3D turned = Vector3D.of(intoX)
                .multiply(normal.getX())
                .add(Vector3D.of(intoY).multiply(normal.getY()))
                .add(Vector3D.of(intoZ).multiply(normal.getZ()));
        return turned.normalize();
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        double before = hit.distance;
        body.meet(into(ray), hit);
        if (hit.distance < before) {
            double nx = intoX[0] * hit.nx + intoY[0] * hit.ny + intoZ[0] * hit.nz;
            double ny = intoX[1] * hit.nx + intoY[1] * hit.ny + intoZ[1] * hit.nz;
            double nz = intoX[2] * hit.nx + intoY[2] * hit.ny + intoZ[2] * hit.nz;
            double length = Math.sqrt(nx * nx + ny * ny + nz * nz);
            hit.nx = nx / length;
            hit.ny = ny / length;
            hit.nz = nz / length;
        }
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        return body.blocks(into(ray), farthest);
    }

    private Ray into(Ray ray) {
        Ray inside = ray.inside();
        double px = ray.ox - at[0];
        double py = ray.oy - at[1];
        double pz = ray.oz - at[2];
        inside.ox = px * intoX[0] + py * intoX[1] + pz * intoX[2];
        inside.oy = px * intoY[0] + py * intoY[1] + pz * intoY[2];
        inside.oz = px * intoZ[0] + py * intoZ[1] + pz * intoZ[2];
        inside.dx = ray.dx * intoX[0] + ray.dy * intoX[1] + ray.dz * intoX[2];
        inside.dy = ray.dx * intoY[0] + ray.dy * intoY[1] + ray.dz * intoY[2];
        inside.dz = ray.dx * intoZ[0] + ray.dy * intoZ[1] + ray.dz * intoZ[2];
        return inside;
    }
}
