package zephyrdune.render.body;

import java.util.Arrays;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Outline;
import zephyrdune.render.material.Material;

/**
 * Triangles of one material that stand for part of a body's surface, for programs that draw triangles. Nothing here is traced or computed from.
 *
 * @param places of the corners, three coordinates each, metres
 * @param normals at the corners, unit vectors
 * @param corners three numbers of corners a triangle, counter-clockwise seen from outside
 */
public record Facets(double[] places, double[] normals, int[] corners, Material material) {

    /** How far a triangle may lie from the surface that it stands for, metres. */
    public static final double WITHIN = 2e-4;

    private static final int LEAST_ROUND = 8;
    private static final int MOST_ROUND = 96;
    private static final int FACE_STEPS = 24;
    private static final double SLIVER = 1e-14;
    private static final int[] RECTANGLE = {0, 1, 2, 0, 2, 3};

    /** Part of a surface over the unit square. */
    @FunctionalInterface
    interface Sheet {

        /** Puts the place at (u, v) and the normal there, of any length, into the arrays. */
        void at(double u, double v, double[] place, double[] normal);
    }

    /** Over how many steps a circle is drawn so that its chords lie {@link #WITHIN} it. */
    static int round(double radius) {
        double steps = Math.PI / Math.acos(1 - Math.min(1, WITHIN / Math.max(radius, WITHIN)));
        return Math.max(LEAST_ROUND, Math.min(MOST_ROUND, (int) Math.ceil(steps)));
    }

    /** A sheet in steps along u and v; u turned towards v has its outside before it. */
    static Facets of(int alongU, int alongV, Material material, Sheet sheet) {
        double[] places = new double[3 * (alongU + 1) * (alongV + 1)];
        double[] normals = new double[places.length];
        double[] place = new double[3];
        double[] normal = new double[3];
        for (int v = 0; v <= alongV; v++) {
            for (int u = 0; u <= alongU; u++) {
                sheet.at((double) u / alongU, (double) v / alongV, place, normal);
                int at = 3 * (v * (alongU + 1) + u);
                double length = Math.sqrt(normal[0] * normal[0] + normal[1] * normal[1] + normal[2] * normal[2]);
                for (int axis = 0; axis < 3; axis++) {
                    places[at + axis] = place[axis];
                    normals[at + axis] = normal[axis] / length;
                }
            }
        }
        int[] corners = new int[6 * alongU * alongV];
        int filled = 0;
        for (int v = 0; v < alongV; v++) {
            for (int u = 0; u < alongU; u++) {
                int low = v * (alongU + 1) + u;
                int high = low + alongU + 1;
                filled = triangle(places, corners, filled, low, low + 1, high + 1);
                filled = triangle(places, corners, filled, low, high + 1, high);
            }
        }
        return new Facets(places, normals, Arrays.copyOf(corners, filled), material);
    }

    /** The lit side of a light's face. */
    public static Facets of(EmittingFace face) {
        int steps = face.outline() == Outline.RECTANGLE ? 1 : FACE_STEPS;
        Vector3D front = face.front();
        double[] inFace = new double[2];
        return of(steps, steps, Material.WHITE, (u, v, place, normal) -> {
            face.outline().place(u, v, inFace);
            Vector3D at = face.centre()
                    .add(face.acrossHalf().multiply(inFace[0]))
                    .add(face.upHalf().multiply(inFace[1]));
            System.arraycopy(at.toArray(), 0, place, 0, 3);
            System.arraycopy(front.toArray(), 0, normal, 0, 3);
        });
    }

    /** A level rectangle that is seen from above. */
    public static Facets level(double left, double right, double before, double behind, Material material) {
        double[] places = {left, before, 0, right, before, 0, right, behind, 0, left, behind, 0};
        return flat(places, RECTANGLE, Vector3D.Unit.PLUS_Z, material);
    }

    /** An upright rectangle across the picture, standing on the table, that is seen from the camera. */
    public static Facets upright(double left, double right, double depth, double height, Material material) {
        double[] places = {left, depth, 0, right, depth, 0, right, depth, height, left, depth, height};
        return flat(places, RECTANGLE, Vector3D.Unit.MINUS_Y, material);
    }

    /** Leaves triangles out that have no area: where a sheet comes to a point. */
    private static int triangle(double[] places, int[] corners, int filled, int a, int b, int c) {
        Vector3D from = place(places, a);
        if (place(places, b)
                        .subtract(from)
                        .cross(place(places, c).subtract(from))
                        .norm()
                < SLIVER) {
            return filled;
        }
        corners[filled] = a;
        corners[filled + 1] = b;
        corners[filled + 2] = c;
        return filled + 3;
    }

    private static Vector3D place(double[] places, int corner) {
        return Vector3D.of(places[3 * corner], places[3 * corner + 1], places[3 * corner + 2]);
    }

    /** Where a corner is. */
    public Vector3D place(int corner) {
        return place(places, corner);
    }

    /** The normal at a corner. */
    public Vector3D normal(int corner) {
        return place(normals, corner);
    }

    /** A flat one, seen from where its corners go counter-clockwise. */
    static Facets flat(double[] places, int[] corners, Vector3D normal, Material material) {
        double[] normals = new double[places.length];
        for (int i = 0; i < places.length; i += 3) {
            normals[i] = normal.getX();
            normals[i + 1] = normal.getY();
            normals[i + 2] = normal.getZ();
        }
        return new Facets(places, normals, corners, material);
    }
}
