package zephyrdune.set.card;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.LineIntersector;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;

/**
 * How often lines cross each other and themselves. What is made of lines costs computing by their crossings: with n sides there may be
 * n² of them, so they are counted first, and no further than matters.
 */
public final class Crossings {

    /** Pairs of sides that lie near each other, looked at for each crossing that is allowed. */
    private static final int PAIRS = 200;

    private Crossings() {}

    /** Whether rings, each closed, cross more often than so many times; near enough when hardly any of many near pairs cross. */
    public static boolean moreThan(int most, List<Coordinate[]> rings) {
        List<SegmentString> lines = new ArrayList<>();
        for (Coordinate[] ring : rings) {
            lines.add(new BasicSegmentString(ring, null));
        }
        Counting counting = new Counting(most);
        new MCIndexNoder(counting).computeNodes(lines);
        return counting.isDone();
    }

    private static final class Counting implements SegmentIntersector {

        private final LineIntersector intersector = new RobustLineIntersector();
        private final int most;
        private int crossings;
        private int pairs;

        Counting(int most) {
            this.most = most;
        }

        @Override
        public void processIntersections(SegmentString one, int side, SegmentString other, int otherSide) {
            if (one == other && Math.abs(side - otherSide) <= 1) {
                return;
            }
            pairs++;
            intersector.computeIntersection(
                    one.getCoordinate(side),
                    one.getCoordinate(side + 1),
                    other.getCoordinate(otherSide),
                    other.getCoordinate(otherSide + 1));
            if (intersector.hasIntersection() && (intersector.isProper() || intersector.isInteriorIntersection())) {
                crossings++;
            }
        }

        @Override
        public boolean isDone() {
            return crossings > most || pairs > PAIRS * (most + 1_000);
        }
    }
}
