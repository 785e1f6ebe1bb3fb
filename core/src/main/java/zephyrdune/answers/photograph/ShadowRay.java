package zephyrdune.answers.photograph;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.util.FastMath;
import zephyrdune.units.measure.Refused;

/**
 * The way the light comes to the tip of one shadow, past the top that throws it.
 *
 * @param top in the table's space, metres
 * @param tip on the table
 * @param precision inverse covariance of azimuth and height, as the marks of the thing are unsure
 */
record ShadowRay(Vector3D top, Vector3D tip, RealMatrix precision) {

    /** How surely marks are put, picture widths; common practice, no published source. */
    static final double MARK = 0.002;

    /** How unsure the end of a soft shadow is, of its length. */
    private static final double END = 0.02;

    /** Things lower than this, of their distance from the camera, throw no shadow to be measured. */
    private static final double LOWEST = 0.005;

    static ShadowRay of(TableView view, double height, StandingThing thing, String field) {
        ShadowRay plain = plain(view, thing, field);
        double[] way = plain.angles();
        Mark[] marks = {thing.foot(), thing.top(), thing.tip()};
        RealMatrix covariance = new Array2DRowRealMatrix(2, 2);
        for (int i = 0; i < 2 * marks.length; i++) {
            Mark[] moved = marks.clone();
            moved[i / 2] = nudged(marks[i / 2], i % 2 == 0, height);
            double[] other = plain(view, new StandingThing(moved[0], moved[1], moved[2], thing.edges()), field)
                    .angles();
            add(covariance, FastMath.IEEEremainder(other[0] - way[0], 2 * Math.PI), other[1] - way[1]);
        }
        // a tip that lies nearer or farther by so much of the shadow
        add(covariance, 0, END * Math.sin(way[1]) * Math.cos(way[1]));
        add(covariance, END, 0);
        return new ShadowRay(
                plain.top,
                plain.tip,
                new LUDecomposition(covariance).getSolver().getInverse());
    }

    private static void add(RealMatrix covariance, double azimuth, double height) {
        covariance.addToEntry(0, 0, azimuth * azimuth);
        covariance.addToEntry(0, 1, azimuth * height);
        covariance.addToEntry(1, 0, azimuth * height);
        covariance.addToEntry(1, 1, height * height);
    }

    /** A mark that was put a little beside, towards the middle so that it stays on the picture. */
    static Mark nudged(Mark mark, boolean across, double height) {
        if (across) {
            return new Mark(mark.across() + (mark.across() < 0.5 ? MARK : -MARK), mark.down());
        }
        return new Mark(mark.across(), mark.down() + (mark.down() < 0.5 ? MARK : -MARK) / height);
    }

    private static ShadowRay plain(TableView view, StandingThing thing, String field) {
        Vector3D foot = view.ground(thing.foot(), field + ".foot");
        Vector3D tip = view.ground(thing.tip(), field + ".tip");
        double high = view.height(foot, thing.top());
        if (high < LOWEST * view.eyeDistance(foot)) {
            throw new Refused(
                    field + ".top",
                    "The top of this thing lies no higher than its foot: mark the foot where it stands, the top above it");
        }
        return new ShadowRay(foot.add(Vector3D.of(0, 0, high)), tip, null);
    }

    /** From the tip towards the light, a unit vector. */
    Vector3D way() {
        return top.subtract(tip).normalize();
    }

    private double[] angles() {
        return angles(way());
    }

    /** Clock angle and height of a direction. */
    static double[] angles(Vector3D way) {
        return new double[] {
            Math.atan2(way.getX(), way.getY()), Math.atan2(way.getZ(), Math.hypot(way.getX(), way.getY()))
        };
    }
}
