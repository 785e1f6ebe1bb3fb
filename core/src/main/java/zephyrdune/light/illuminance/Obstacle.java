package zephyrdune.light.illuminance;

import java.util.Arrays;
import java.util.List;
import zephyrdune.set.card.Panel;
import zephyrdune.set.card.Piece;

/** A panel as bare numbers: its place, its outline and the pieces of its pattern, across and up in turn. */
final class Obstacle {

    final double[] centre;
    final double[] across;
    final double[] up;
    final double[] normal;
    final double halfWidth;
    final double halfHeight;
    final double[] board;
    final double[][] pieces;

    /** Of round pieces the radius, of others 0. */
    final double[] radii;

    /** Left, right, low and high of every piece. */
    final double[][] boxes;

    /** Round all that stands in the light. */
    final double[] box;

    final boolean standing;

    Obstacle(Panel panel) {
        centre = panel.centre().toArray();
        across = panel.across().toArray();
        up = panel.up().toArray();
        normal = panel.normal().toArray();
        halfWidth = panel.halfWidth();
        halfHeight = panel.halfHeight();
        board = new double[] {
            -halfWidth, -halfHeight, halfWidth, -halfHeight, halfWidth, halfHeight, -halfWidth, halfHeight
        };
        List<Piece> all = panel.pieces();
        pieces = all.stream().map(Piece::corners).toArray(double[][]::new);
        radii = all.stream()
                .mapToDouble(piece -> piece.round() ? piece.radius() : 0)
                .toArray();
        boxes = all.stream().map(piece -> round(piece.corners())).toArray(double[][]::new);
        standing = panel.standing();
        box = standing ? round(all) : round(board);
    }

    private static double[] round(List<Piece> pieces) {
        return round(pieces.stream()
                .flatMapToDouble(piece -> Arrays.stream(piece.corners()))
                .toArray());
    }

    /** The box round corners: left, right, low, high. */
    static double[] round(double[] corners) {
        double[] box = {
            Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (int i = 0; i < corners.length; i += 2) {
            box[0] = Math.min(box[0], corners[i]);
            box[1] = Math.max(box[1], corners[i]);
            box[2] = Math.min(box[2], corners[i + 1]);
            box[3] = Math.max(box[3], corners[i + 1]);
        }
        return box;
    }

    static boolean meet(double[] one, double[] other) {
        return one[0] < other[1] && one[1] > other[0] && one[2] < other[3] && one[3] > other[2];
    }
}
