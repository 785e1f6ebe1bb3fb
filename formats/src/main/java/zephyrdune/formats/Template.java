package zephyrdune.formats;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Disjoint;
import zephyrdune.set.card.Piece;
import zephyrdune.units.measure.Refused;

/**
 * What to cut out of a card, at its true size, in millimetres from its lower left corner, as its front is seen.
 *
 * @param title what it is
 * @param width of the card
 * @param height of the card
 * @param circles round cuts
 * @param lines other closed cuts, across and up in turn
 */
record Template(String title, double width, double height, List<Circle> circles, List<double[]> lines) {

    private static final double PER_METRE = 1000;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Pieces that are nearer to each other than this are one, metres. */
    private static final double TOUCHING = 1e-7;

    /** Of a round cut, millimetres. */
    record Circle(double across, double up, double radius) {}

    /** @throws Refused where nothing is cut out of the card */
    static Template of(String title, Card card) {
        if (!card.cut().any()) {
            throw new Refused("cards", "Nothing is cut out of this card; give it a pattern first");
        }
        boolean standing = card.cut().holes().standing();
        List<Circle> circles = new ArrayList<>();
        List<Geometry> pieces = new ArrayList<>();
        for (Piece piece : card.cut().pieces(card.width(), card.height())) {
            if (piece.round() && !standing) {
                circles.add(new Circle(
                        PER_METRE * (piece.across() + card.width() / 2),
                        PER_METRE * (piece.up() + card.height() / 2),
                        PER_METRE * piece.radius()));
            } else {
                pieces.add(Disjoint.polygon(piece).buffer(TOUCHING));
            }
        }
        List<double[]> lines = new ArrayList<>();
        Geometry joined = pieces.isEmpty() ? FACTORY.createPolygon() : UnaryUnionOp.union(pieces);
        if (standing) {
            // all of the card but what stands falls out
            Envelope whole = new Envelope(-card.width() / 2, card.width() / 2, -card.height() / 2, card.height() / 2);
            joined = FACTORY.toGeometry(whole).difference(joined);
        }
        for (int i = 0; i < joined.getNumGeometries(); i++) {
            if (joined.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                lines.add(line(part.getExteriorRing(), card));
                for (int k = 0; k < part.getNumInteriorRing(); k++) {
                    lines.add(line(part.getInteriorRingN(k), card));
                }
            }
        }
        return new Template(title, PER_METRE * card.width(), PER_METRE * card.height(), circles, lines);
    }

    private static double[] line(LineString ring, Card card) {
        double[] line = new double[2 * (ring.getNumPoints() - 1)];
        for (int i = 0; i < line.length / 2; i++) {
            line[2 * i] = PER_METRE * (ring.getCoordinateN(i).x + card.width() / 2);
            line[2 * i + 1] = PER_METRE * (ring.getCoordinateN(i).y + card.height() / 2);
        }
        return line;
    }
}
