package zephyrdune.illuminance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.table.Panel;
import zephyrdune.table.Piece;
import zephyrdune.table.TableSet;

/**
 * The cards and barn doors of a set as they cut a face of light: which parts of it a place sees past them and through their openings.
 *
 * <p>Exact: the edges of a panel and a place span planes, and the face is cut along these, panel by panel, into convex polygons (after
 * I. E. Sutherland and G. W. Hodgman, Reentrant polygon clipping, CACM 17, 1974). Round holes count as polygons of 16 sides and equal area.
 */
public final class Cutters {

    /** A place so near to a panel's plane sees it edge-on, metres. */
    private static final double EDGE_ON = 1e-9;

    /** Twice the area, in a face that spans -1 to 1, of what is too small to count. */
    private static final double NOTHING = 1e-12;

    private static final double[] NO_PART = {};

    static final Cutters NONE = new Cutters(List.of());

    private final List<Obstacle> obstacles;

    private Cutters(List<Obstacle> obstacles) {
        this.obstacles = obstacles;
    }

    public static Cutters of(TableSet set) {
        return of(Stream.concat(set.doors().stream(), set.cards().stream().flatMap(card -> card.panels().stream()))
                .toList());
    }

    public static Cutters of(List<Panel> panels) {
        return new Cutters(panels.stream().map(Obstacle::new).toList());
    }

    /** Whether nothing can be cut at all. */
    public boolean none() {
        return obstacles.isEmpty();
    }

    /** Whether a place sees all of a face. */
    public boolean clear(EmittingFace face, Vector3D point) {
        double[] square = {-1, -1, 1, -1, 1, 1, -1, 1};
        List<double[]> seen = seen(face, square, point.getX(), point.getY(), point.getZ());
        return seen.size() == 1 && seen.get(0) == square;
    }

    /**
     * What a place sees of a face: convex polygons in the face's own coordinates, across and up in turn, that wind as the outline does;
     * the outline itself where nothing is in the way.
     *
     * @param outline of the face, in those coordinates
     */
    List<double[]> seen(EmittingFace face, double[] outline, double px, double py, double pz) {
        List<double[]> parts = Collections.singletonList(outline);
        for (Obstacle obstacle : obstacles) {
            parts = obstacle.cut(parts, face, px, py, pz);
            if (parts.isEmpty()) {
                return parts;
            }
        }
        return parts;
    }

    /** One panel. */
    private static final class Obstacle {

        private final double[] centre;
        private final double[] across;
        private final double[] up;
        private final double[] normal;
        private final double[] board;
        private final double[][] pieces;
        private final boolean standing;

        Obstacle(Panel panel) {
            centre = panel.centre().toArray();
            across = panel.across().toArray();
            up = panel.up().toArray();
            normal = panel.normal().toArray();
            double w = panel.halfWidth();
            double h = panel.halfHeight();
            board = new double[] {-w, -h, w, -h, w, h, -w, h};
            pieces = panel.pieces().stream().map(Piece::corners).toArray(double[][]::new);
            standing = panel.standing();
        }

        List<double[]> cut(List<double[]> parts, EmittingFace face, double px, double py, double pz) {
            View view = new View(this, face, px, py, pz);
            if (Math.abs(view.pd) < EDGE_ON) {
                return parts;
            }
            List<double[]> seen = null;
            for (int i = 0; i < parts.size(); i++) {
                double[] part = parts.get(i);
                double[] beyond = view.misses(part) ? NO_PART : kept(part, view.beyond());
                boolean touched = beyond.length > 0 && view.reaches(beyond, board, standing ? pieces : null);
                if (touched && seen == null) {
                    seen = new ArrayList<>(parts.subList(0, i));
                }
                if (!touched) {
                    if (seen != null) {
                        seen.add(part);
                    }
                    continue;
                }
                add(seen, kept(part, view.before()));
                if (standing) {
                    past(view, beyond, seen);
                } else {
                    round(view, beyond, seen);
                }
            }
            return seen == null ? parts : seen;
        }

        /** What is seen beside the board and through its openings. */
        private void round(View view, double[] part, List<double[]> seen) {
            double[] behind = part;
            for (int i = 0; i < 4 && behind.length > 0; i++) {
                double[] edge = view.edge(board, i);
                add(seen, kept(behind, negated(edge)));
                behind = kept(behind, edge);
            }
            if (behind.length == 0 || pieces.length == 0) {
                return;
            }
            double[] box = view.box(behind);
            for (double[] piece : pieces) {
                if (meets(box, piece)) {
                    double[] through = behind;
                    for (int i = 0; i < piece.length / 2 && through.length > 0; i++) {
                        through = kept(through, view.edge(piece, i));
                    }
                    add(seen, through);
                }
            }
        }

        /** What is seen past pieces that stand by themselves. */
        private void past(View view, double[] part, List<double[]> seen) {
            List<double[]> left = List.of(part);
            for (double[] piece : pieces) {
                List<double[]> next = new ArrayList<>();
                for (double[] one : left) {
                    if (!meets(view.box(one), piece)) {
                        next.add(one);
                        continue;
                    }
                    double[] behind = one;
                    for (int i = 0; i < piece.length / 2 && behind.length > 0; i++) {
                        double[] edge = view.edge(piece, i);
                        add(next, kept(behind, negated(edge)));
                        behind = kept(behind, edge);
                    }
                }
                left = next;
            }
            seen.addAll(left);
        }
    }

    private static void add(List<double[]> parts, double[] part) {
        if (part.length > 0) {
            parts.add(part);
        }
    }

    private static double[] negated(double[] edge) {
        return new double[] {-edge[0], -edge[1], -edge[2]};
    }

    private static boolean meets(double[] box, double[] piece) {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < piece.length; i += 2) {
            left = Math.min(left, piece[i]);
            right = Math.max(right, piece[i]);
            low = Math.min(low, piece[i + 1]);
            high = Math.max(high, piece[i + 1]);
        }
        return left < box[1] && right > box[0] && low < box[3] && high > box[2];
    }

    /** The part of a polygon where e0 + e1 u + e2 v is not negative; nothing where that is too small to count. */
    private static double[] kept(double[] part, double[] e) {
        int inside = 0;
        int count = part.length / 2;
        for (int i = 0; i < part.length; i += 2) {
            inside += e[0] + e[1] * part[i] + e[2] * part[i + 1] >= 0 ? 1 : 0;
        }
        if (inside == count) {
            return part;
        }
        if (inside == 0) {
            return NO_PART;
        }
        double[] kept = new double[2 * count + 4];
        int size = 0;
        int before = part.length - 2;
        double from = e[0] + e[1] * part[before] + e[2] * part[before + 1];
        for (int i = 0; i < part.length; i += 2) {
            double to = e[0] + e[1] * part[i] + e[2] * part[i + 1];
            if (from < 0 != to < 0) {
                double share = from / (from - to);
                kept[size++] = part[before] + share * (part[i] - part[before]);
                kept[size++] = part[before + 1] + share * (part[i + 1] - part[before + 1]);
            }
            if (to >= 0) {
                kept[size++] = part[i];
                kept[size++] = part[i + 1];
            }
            before = i;
            from = to;
        }
        double[] cut = Arrays.copyOf(kept, size);
        return Math.abs(twiceArea(cut)) > NOTHING ? cut : NO_PART;
    }

    private static double twiceArea(double[] part) {
        double twice = 0;
        for (int i = 0, before = part.length - 2; i < part.length; before = i, i += 2) {
            twice += part[before] * part[i + 1] - part[i] * part[before + 1];
        }
        return twice;
    }

    /** A face and the place it is looked at from, as a panel has them: (a, b, d) are across, up and off the panel. */
    private static final class View {

        private final double pa;
        private final double pb;
        private final double pd;
        private final double[] a;
        private final double[] b;
        private final double[] d;

        View(Obstacle panel, EmittingFace face, double px, double py, double pz) {
            double x = px - panel.centre[0];
            double y = py - panel.centre[1];
            double z = pz - panel.centre[2];
            pa = x * panel.across[0] + y * panel.across[1] + z * panel.across[2];
            pb = x * panel.up[0] + y * panel.up[1] + z * panel.up[2];
            pd = x * panel.normal[0] + y * panel.normal[1] + z * panel.normal[2];
            a = along(face, panel.centre, panel.across);
            b = along(face, panel.centre, panel.up);
            d = along(face, panel.centre, panel.normal);
        }

        /** A coordinate of a place (u, v) of the face, as the numbers that go with 1, u and v. */
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

        private static double at(double[] linear, double u, double v) {
            return linear[0] + linear[1] * u + linear[2] * v;
        }

        /** Whether no corner of a part lies beyond the panel's plane. */
        boolean misses(double[] part) {
            for (int i = 0; i < part.length; i += 2) {
                if (at(d, part[i], part[i + 1]) * pd < 0) {
                    return false;
                }
            }
            return true;
        }

        /** The part of the face on the other side of the panel's plane. */
        double[] beyond() {
            return pd > 0 ? negated(d) : d;
        }

        double[] before() {
            return pd > 0 ? d : negated(d);
        }

        /** Where a part beyond the plane is seen on it: left, right, low, high. */
        double[] box(double[] part) {
            double[] box = {
                Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY
            };
            for (int i = 0; i < part.length; i += 2) {
                double share = pd / (pd - at(d, part[i], part[i + 1]));
                double across = pa + share * (at(a, part[i], part[i + 1]) - pa);
                double up = pb + share * (at(b, part[i], part[i + 1]) - pb);
                box[0] = Math.min(box[0], across);
                box[1] = Math.max(box[1], across);
                box[2] = Math.min(box[2], up);
                box[3] = Math.max(box[3], up);
            }
            return box;
        }

        /** Whether a part is seen on the board, or on one of the pieces where there are but those. */
        boolean reaches(double[] part, double[] board, double[][] pieces) {
            double[] box = box(part);
            if (pieces == null) {
                return meets(box, board);
            }
            for (double[] piece : pieces) {
                if (meets(box, piece)) {
                    return true;
                }
            }
            return false;
        }

        /**
         * The plane through the place and an edge of a polygon on the panel, for kept(): not negative on the polygon's side.
         *
         * @param polygon counter-clockwise, across and up in turn
         */
        double[] edge(double[] polygon, int i) {
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
}
