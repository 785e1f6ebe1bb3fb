package zephyrdune.set.light;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.RoomSide;
import zephyrdune.set.room.WalledRoom;

/**
 * Where a light's face and its bare source are, metres from the hero point. Seen from the lit side, across points to the left
 * when up points up.
 *
 * @param centre of the face
 * @param acrossHalf from the centre to the middle of a side
 * @param upHalf from the centre to the middle of the upper side
 * @param source where the bare source stands; in the face's centre where there is no way between
 * @param axis the way the bare source points, a unit vector
 */
public record Pose(Vector3D centre, Vector3D acrossHalf, Vector3D upHalf, Vector3D source, Vector3D axis) {

    /** Sides of the polygon that stands for a round face where an outline is asked for. */
    private static final int ROUND_SIDES = 64;

    /** Light on a wall below this share of that straight ahead is left out of the patch. */
    private static final double FAINT = 0.004;

    private static final double STEEPEST = 8;

    /** What goes nearly along a wall meets it only far off, metres. */
    private static final double FAR = 100;

    private static final double GRAZING = 0.02;

    public static Pose of(Light light, Room room) {
        if (light.filling() instanceof OffRoom bounce && room instanceof WalledRoom walled) {
            return onWall(light, bounce, walled);
        }
        Vector3D centre = light.centre();
        Vector3D back = light.direction();
        Vector3D width = light.widthAxis();
        Vector3D height = light.heightAxis();
        Vector3D source = centre;
        Vector3D aimedAt = centre.subtract(back);
        if (light.filling() instanceof InBox box) {
            source = centre.add(back.multiply(box.depth()));
        } else if (light.filling() instanceof LitByPoint lit) {
            Vector3D away = light.filling() instanceof FromBehind ? back : back.negate();
            source = centre.add(width.multiply(lit.source().getX()))
                    .add(height.multiply(lit.source().getY()))
                    .add(away.multiply(lit.source().getZ()));
            aimedAt = centre;
        } else if (light.filling() instanceof BookLight book) {
            Vector3D board = centre.add(back.multiply(book.gap()));
            source = board.subtract(back.multiply(book.throwing() * Math.cos(book.aside())))
                    .add(width.multiply(book.throwing() * Math.sin(book.aside())));
            aimedAt = board;
        }
        return new Pose(
                centre,
                width.multiply(light.face().across() / 2),
                height.multiply(light.face().along() / 2),
                source,
                aimedAt.subtract(source).normalize());
    }

    /** The rectangle on a wall that holds what the source lights there; of no size where it lights nothing. */
    private static Pose onWall(Light light, OffRoom bounce, WalledRoom room) {
        RoomSide side = bounce.side();
        Vector3D inwards = side.inwards();
        Vector3D across = side.across();
        Vector3D up = side.up();
        Vector3D source = light.centre();
        Vector3D axis = bounce.axis();
        double gap = source.dot(inwards) + room.away(side);
        double[] tangents = tangents(light.source().distribution());
        Vector3D beamUp = up.subtract(axis.multiply(up.dot(axis))).normalize();
        Vector3D beamAcross = axis.cross(beamUp);
        double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (int corner = 0; corner < 4; corner++) {
            Vector3D ray = axis.add(beamAcross.multiply(corner % 2 == 0 ? tangents[0] : -tangents[0]))
                    .add(beamUp.multiply(corner / 2 == 0 ? tangents[1] : -tangents[1]));
            double towards = Math.max(GRAZING, -ray.dot(inwards));
            double length = Math.min(FAR, gap / towards);
            double[] at = {source.dot(across) + length * ray.dot(across), source.dot(up) + length * ray.dot(up)};
            for (int i = 0; i < 2; i++) {
                low[i] = Math.min(low[i], at[i]);
                high[i] = Math.max(high[i], at[i]);
            }
        }
        double[] least = {-reach(room, across.negate()), -reach(room, up.negate())};
        double[] most = {reach(room, across), reach(room, up)};
        double[] middle = new double[2];
        double[] half = new double[2];
        for (int i = 0; i < 2; i++) {
            double from = Math.max(low[i], least[i]);
            double to = Math.min(high[i], most[i]);
            boolean lit = gap > 0 && to > from;
            middle[i] = lit ? (from + to) / 2 : source.dot(i == 0 ? across : up);
            half[i] = lit ? (to - from) / 2 : 0;
        }
        Vector3D centre = inwards.multiply(-room.away(side))
                .add(across.multiply(middle[0]))
                .add(up.multiply(middle[1]));
        return new Pose(centre, across.multiply(half[0]), up.multiply(half[1]), source, axis);
    }

    /** All of a side of a room, lit by a source that is turned elsewhere. */
    public static Pose ofSide(WalledRoom room, RoomSide side, Vector3D source, Vector3D axis) {
        double[] ends = {
            -reach(room, side.across().negate()), reach(room, side.across()),
            -reach(room, side.up().negate()), reach(room, side.up())
        };
        Vector3D centre = side.inwards()
                .multiply(-room.away(side))
                .add(side.across().multiply((ends[0] + ends[1]) / 2))
                .add(side.up().multiply((ends[2] + ends[3]) / 2));
        return new Pose(
                centre,
                side.across().multiply((ends[1] - ends[0]) / 2),
                side.up().multiply((ends[3] - ends[2]) / 2),
                source,
                axis);
    }

    /** The part of its face within bounds: across from, to, up from, to, each from -1 to 1. */
    public Pose within(double[] bounds) {
        return new Pose(
                centre.add(acrossHalf.multiply((bounds[0] + bounds[1]) / 2))
                        .add(upHalf.multiply((bounds[2] + bounds[3]) / 2)),
                acrossHalf.multiply((bounds[1] - bounds[0]) / 2),
                upHalf.multiply((bounds[3] - bounds[2]) / 2),
                source,
                axis);
    }

    /** From the hero point to the room's side in a direction along one of the axes. */
    private static double reach(WalledRoom room, Vector3D way) {
        if (way.getX() != 0) {
            return way.getX() > 0 ? room.right() : room.left();
        } else if (way.getY() != 0) {
            return way.getY() > 0 ? room.behind() : room.before();
        }
        return way.getZ() > 0 ? room.above() : room.below();
    }

    /** Tangents of half the angles within which a beam counts: to the sides, and up and down. */
    private static double[] tangents(Distribution beam) {
        return beam instanceof Coverage coverage
                ? new double[] {coverage.tanAcross(), coverage.tanUp()}
                : new double[] {tangent(beam, 1, 0), tangent(beam, 0, 1)};
    }

    private static double tangent(Distribution beam, double across, double up) {
        double steep = STEEPEST;
        while (steep > 0.05) {
            double cosine = 1 / Math.hypot(1, steep);
            double sine = steep * cosine;
            double lit = Math.max(
                    beam.relativeIntensity(across * sine, up * sine, cosine),
                    beam.relativeIntensity(-across * sine, -up * sine, cosine));
            if (lit * cosine * cosine * cosine > FAINT) {
                return steep;
            }
            steep *= 0.97;
        }
        return steep;
    }

    /** Corners of the board that a book light bounces off. */
    public List<Vector3D> board(BookLight book) {
        Vector3D middle = centre.subtract(front().multiply(book.gap()));
        Vector3D across = acrossHalf.normalize().multiply(book.boardWidth() / 2);
        Vector3D up = upHalf.normalize().multiply(book.boardHeight() / 2);
        return List.of(
                middle.subtract(across).subtract(up),
                middle.add(across).subtract(up),
                middle.add(across).add(up),
                middle.subtract(across).add(up));
    }

    /** Whether it has a face at all. */
    public boolean lit() {
        return acrossHalf.norm() > 0 && upHalf.norm() > 0;
    }

    /** Unit vector out of the lit side. */
    public Vector3D front() {
        return upHalf.cross(acrossHalf).normalize();
    }

    /**
     * Points round the face's edge, counter-clockwise seen from behind, metres from the hero point: its corners, or for a disc so many
     * points that their polygon is within an eighth of a percent of the radius.
     */
    public List<Vector3D> outline(Light light) {
        List<Vector3D> points = new ArrayList<>();
        for (double[] at : light.filling() instanceof OffRoom ? SQUARE : unitOutline(light.face())) {
            points.add(centre.add(acrossHalf.multiply(at[0])).add(upHalf.multiply(at[1])));
        }
        return points;
    }

    private static final double[][] SQUARE = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};

    private static double[][] unitOutline(Face face) {
        if (face instanceof Disc) {
            return ring(ROUND_SIDES, 1);
        }
        return face instanceof Octagon ? ring(8, 1 / Math.cos(Math.PI / 8)) : SQUARE;
    }

    private static double[][] ring(int sides, double radius) {
        double[][] points = new double[sides][];
        for (int i = 0; i < sides; i++) {
            double turn = 2 * Math.PI * (i + 0.5) / sides;
            points[i] = new double[] {radius * Math.cos(turn), radius * Math.sin(turn)};
        }
        return points;
    }
}
