package zephyrdune.light.illuminance;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.units.geometry.ConvexPolygon;
import zephyrdune.units.geometry.Homography;
import zephyrdune.units.measure.Cancellation;

/**
 * A panel before a face, and which parts of the face a place sees past it and through its openings.
 *
 * <p>Exact: a place and the edges of the panel span planes, and the face is cut along these; openings are thrown on the face's plane as
 * they are seen. Coordinates on the panel are across, up and off it; places of the face have them as linear forms of (1, u, v).
 */
final class PanelProjection {

    /** A place so near to a panel's plane sees it edge-on, metres. */
    private static final double EDGE_ON = 1e-9;

    /** Round holes whose radius over their distance is less than this count as hexagons of equal area: 1e-4 of their light. */
    private static final double SMALL = 0.1;

    /** A disc counts as a polygon of equal area that is a little wider. */
    private static final double ROUND_IT = 1.001;

    private static final double[] ROUND_FACE = {
        -ROUND_IT, -ROUND_IT, ROUND_IT, -ROUND_IT, ROUND_IT, ROUND_IT, -ROUND_IT, ROUND_IT
    };

    /** Squared radius of a disc that octagons and the polygons of discs hold. */
    private static final double INNER = 0.998;

    private static final int FEW_SIDES = 6;
    private static final double[] FEW = few();

    private final Obstacle panel;
    private final double[] outline;
    private final double turn;

    /** Whether the face is a rectangle; else all of it lies about a disc. */
    private final boolean square;

    // places of the face as linear forms
    private final double[] a;
    private final double[] b;
    private final double[] d;

    /** Least and most that the face is off the panel. */
    private final double least;

    private final double most;

    /** Square to the face, in the panel's coordinates. */
    private final double[] upright;

    PanelProjection(Obstacle panel, EmittingFace face, double[] outline) {
        this.panel = panel;
        this.outline = outline;
        turn = Math.signum(ConvexPolygon.twiceArea(outline));
        square = outline.length == 8;
        a = along(face, panel.centre, panel.across);
        b = along(face, panel.centre, panel.up);
        d = along(face, panel.centre, panel.normal);
        double swing = ROUND_IT * (Math.abs(d[1]) + Math.abs(d[2]));
        least = d[0] - swing;
        most = d[0] + swing;
        upright = cross(a[1], b[1], d[1], a[2], b[2], d[2]);
    }

    private static double[] few() {
        double equalArea = Math.sqrt(2 * Math.PI / FEW_SIDES / Math.sin(2 * Math.PI / FEW_SIDES));
        double[] corners = new double[2 * FEW_SIDES];
        for (int i = 0; i < FEW_SIDES; i++) {
            corners[2 * i] = equalArea * Math.cos(2 * Math.PI * i / FEW_SIDES);
            corners[2 * i + 1] = equalArea * Math.sin(2 * Math.PI * i / FEW_SIDES);
        }
        return corners;
    }

    private static double[] along(EmittingFace face, double[] from, double[] axis) {
        return new double[] {
            (face.centre().getX() - from[0]) * axis[0]
                    + (face.centre().getY() - from[1]) * axis[1]
                    + (face.centre().getZ() - from[2]) * axis[2],
            dot(face.acrossHalf(), axis),
            dot(face.upHalf(), axis)
        };
    }

    private static double dot(Vector3D vector, double[] axis) {
        return vector.getX() * axis[0] + vector.getY() * axis[1] + vector.getZ() * axis[2];
    }

    private static double[] cross(double ax, double ay, double az, double bx, double by, double bz) {
        return new double[] {ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx};
    }

    /** What is left of parts of the face for a place. */
    List<double[]> cut(List<double[]> parts, double px, double py, double pz) {
        double x = px - panel.centre[0];
        double y = py - panel.centre[1];
        double z = pz - panel.centre[2];
        double pd = x * panel.normal[0] + y * panel.normal[1] + z * panel.normal[2];
        if (Math.abs(pd) < EDGE_ON || (pd > 0 ? least >= 0 : most <= 0)) {
            return parts;
        }
        double pa = x * panel.across[0] + y * panel.across[1] + z * panel.across[2];
        double pb = x * panel.up[0] + y * panel.up[1] + z * panel.up[2];
        boolean wholly = pd > 0 ? most < 0 : least > 0;
        From from = new From(pa, pb, pd);
        if (wholly && !Obstacle.meet(from.box(ROUND_FACE), panel.box)) {
            return parts;
        }
        return from.cut(parts, wholly);
    }

    /** One place, in the panel's coordinates. */
    private final class From {

        private final double pa;
        private final double pb;
        private final double pd;

        /** Of the panel on the face; worked out when it is first asked for. */
        private Homography homography;

        /** Which way pieces wind when they are thrown on the face, all of them the same; 0 until the first is. */
        private double thrownTurn;

        /** Which way the piece winds that was found last. */
        private double foundTurn;

        From(double pa, double pb, double pd) {
            this.pa = pa;
            this.pb = pb;
            this.pd = pd;
        }

        List<double[]> cut(List<double[]> parts, boolean wholly) {
            List<double[]> seen = null;
            for (int i = 0; i < parts.size(); i++) {
                double[] part = parts.get(i);
                double[] beyond = wholly ? part : beyond(part);
                double[] box = beyond.length > 0 ? box(beyond) : ConvexPolygon.NONE;
                boolean touched = beyond.length > 0 && Obstacle.meet(box, panel.box);
                if (touched && seen == null) {
                    seen = new ArrayList<>(parts.subList(0, i));
                }
                if (!touched) {
                    if (seen != null) {
                        seen.add(part);
                    }
                    continue;
                }
                if (!wholly) {
                    add(seen, pd > 0 ? ConvexPolygon.kept(part, d) : ConvexPolygon.beyond(part, d));
                }
                if (panel.standing) {
                    seen.add(beyond);
                    pieces(beyond, box, seen, true);
                } else {
                    past(beyond, box, seen);
                }
            }
            return seen == null ? parts : seen;
        }

        /** The part of the face on the other side of the panel's plane. */
        private double[] beyond(double[] part) {
            return pd > 0 ? ConvexPolygon.beyond(part, d) : ConvexPolygon.kept(part, d);
        }

        /** What is seen beside the board and through its openings. */
        private void past(double[] part, double[] box, List<double[]> seen) {
            double[] behind = part;
            for (int i = 0; i < 4 && behind.length > 0 && !onBoard(box); i++) {
                double[] edge = edge(panel.board, i);
                add(seen, ConvexPolygon.beyond(behind, edge));
                behind = ConvexPolygon.kept(behind, edge);
            }
            if (behind.length > 0) {
                pieces(behind, behind == part ? box : box(behind), seen, false);
            }
        }

        private boolean onBoard(double[] box) {
            return -box[0] <= panel.halfWidth
                    && box[1] <= panel.halfWidth
                    && -box[2] <= panel.halfHeight
                    && box[3] <= panel.halfHeight;
        }

        /** The pieces of the pattern within a part, which is seen on the panel in a box, to be seen or taken away. */
        private void pieces(double[] part, double[] box, List<double[]> seen, boolean away) {
            if (panel.pieces.length == 0) {
                return;
            }
            Cancellation.check();
            if (homography == null) {
                homography = toFace();
            }
            double partTurn = Math.signum(ConvexPolygon.twiceArea(part));
            boolean taken = away != (partTurn * turn < 0);
            double[] extent = Obstacle.round(part);
            for (int i = 0; i < panel.pieces.length; i++) {
                if (Obstacle.meet(box, panel.boxes[i])) {
                    double[] found = piece(part, partTurn, extent, i);
                    if (found.length > 0) {
                        boolean asOutline = foundTurn * turn > 0;
                        seen.add(asOutline == taken ? ConvexPolygon.reversed(found) : found);
                    }
                }
            }
        }

        /** One piece within a part, whose winding and extent in the face are known. */
        private double[] piece(double[] part, double partTurn, double[] extent, int i) {
            double[] box = panel.boxes[i];
            double radius = panel.radii[i];
            double[] corners =
                    homography.map(new double[] {box[0], box[2], box[1], box[2], box[1], box[3], box[0], box[3]});
            if (corners.length > 0) {
                if (!Obstacle.meet(extent, Obstacle.round(corners))) {
                    return ConvexPolygon.NONE;
                }
                if (thrownTurn == 0) {
                    thrownTurn = Math.signum(ConvexPolygon.twiceArea(corners));
                }
                foundTurn = thrownTurn;
                if (holds(part, partTurn, corners)) {
                    double across = (box[0] + box[1]) / 2;
                    double up = (box[2] + box[3]) / 2;
                    double away = Math.sqrt((across - pa) * (across - pa) + (up - pb) * (up - pb) + pd * pd);
                    return radius > 0 && radius < SMALL * away
                            ? hexagon(across, up, radius)
                            : homography.map(panel.pieces[i]);
                }
            }
            double[] thrown = homography.map(panel.pieces[i]);
            if (thrown.length > 0) {
                foundTurn = Math.signum(ConvexPolygon.twiceArea(thrown));
                return ConvexPolygon.within(thrown, part, partTurn);
            }
            foundTurn = partTurn;
            // some of it is seen away from the face: cut the part along its edges instead
            double[] found = part;
            for (int side = 0; side < panel.pieces[i].length / 2 && found.length > 0; side++) {
                found = ConvexPolygon.kept(found, edge(panel.pieces[i], side));
            }
            return found;
        }

        /** Whether corners thrown on the face lie within a part; close to a rim of many sides it may not be seen. */
        private boolean holds(double[] part, double partTurn, double[] corners) {
            for (int i = 0; i < corners.length; i += 2) {
                double u = corners[i];
                double v = corners[i + 1];
                boolean in = part != outline
                        ? ConvexPolygon.holds(part, partTurn, u, v)
                        : square ? Math.abs(u) <= 1 && Math.abs(v) <= 1 : u * u + v * v <= INNER;
                if (!in) {
                    return false;
                }
            }
            return true;
        }

        /** A small round hole, thrown on the face. */
        private double[] hexagon(double across, double up, double radius) {
            double[] thrown = new double[2 * FEW_SIDES];
            for (int i = 0; i < thrown.length; i += 2) {
                homography.map(across + radius * FEW[i], up + radius * FEW[i + 1], thrown, i);
            }
            return thrown;
        }

        /** By Cramer's rule from P + t (Q - P) = F + u U + v V. */
        private Homography toFace() {
            double ga = pa - a[0];
            double gb = pb - b[0];
            double gd = pd - d[0];
            double towards = upright[0] * ga + upright[1] * gb + upright[2] * gd;
            double sign = towards > 0 ? -1 : 1;
            return new Homography(
                    form(cross(ga, gb, gd, a[2], b[2], d[2]), sign),
                    form(cross(a[1], b[1], d[1], ga, gb, gd), sign),
                    form(upright, sign));
        }

        /** A direction's part along an axis, the direction from the place to (across, up, 0), as a form of (1, across, up). */
        private double[] form(double[] axis, double sign) {
            return new double[] {-sign * (axis[0] * pa + axis[1] * pb + axis[2] * pd), sign * axis[0], sign * axis[1]};
        }

        /** Where a part beyond the plane is seen on it: left, right, low, high. */
        private double[] box(double[] part) {
            double[] box = {
                Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY
            };
            for (int i = 0; i < part.length; i += 2) {
                double u = part[i];
                double v = part[i + 1];
                double share = pd / (pd - (d[0] + d[1] * u + d[2] * v));
                double across = pa + share * (a[0] + a[1] * u + a[2] * v - pa);
                double up = pb + share * (b[0] + b[1] * u + b[2] * v - pb);
                box[0] = Math.min(box[0], across);
                box[1] = Math.max(box[1], across);
                box[2] = Math.min(box[2], up);
                box[3] = Math.max(box[3], up);
            }
            return box;
        }

        /**
         * The plane through the place and an edge of a polygon on the panel, as a form of (1, u, v): not negative on the polygon's side.
         *
         * @param polygon counter-clockwise, across and up in turn
         */
        private double[] edge(double[] polygon, int i) {
            int next = 2 * i + 2 == polygon.length ? 0 : 2 * i + 2;
            double a0 = polygon[2 * i];
            double b0 = polygon[2 * i + 1];
            double a1 = polygon[next];
            double b1 = polygon[next + 1];
            double sign = pd > 0 ? -1 : 1;
            double na = sign * pd * (b1 - b0);
            double nb = sign * pd * (a0 - a1);
            double nd = sign * ((a0 - pa) * (b1 - pb) - (b0 - pb) * (a1 - pa));
            return new double[] {
                na * (a[0] - pa) + nb * (b[0] - pb) + nd * (d[0] - pd),
                na * a[1] + nb * b[1] + nd * d[1],
                na * a[2] + nb * b[2] + nd * d[2]
            };
        }
    }

    private static void add(List<double[]> parts, double[] part) {
        if (part.length > 0) {
            parts.add(part);
        }
    }
}
