package zephyrdune.answers.search;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.set.light.Light;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.Band;
import zephyrdune.set.look.NamedLook;

/**
 * Where the light may stand for a look: every place of it as coordinates from 0 to 1, on one side of the dish.
 *
 * @param fromTwelve least way round from 12 o'clock, radians
 * @param toTwelve greatest
 * @param low least height angle
 * @param high greatest
 * @param right whether it is on the right of the picture
 */
record Spot(double fromTwelve, double toTwelve, double low, double high, boolean right) {

    static final int COORDINATES = 3;

    /** Nearer nothing fits, farther no room at a table goes, metres. */
    private static final double NEAREST = 0.2;

    private static final double FARTHEST = 3;

    /** Steps to places beside: degrees, and about as many per cent of the distance. */
    private static final int[] UP = {0, 1, -1, 2, -2, 3, -3, 5, -5};

    private static final int[] OUT = {0, 1, -1, 2, -2, 3, -3, 5, -5, 8, -8, 12, -12, 18, -18, 26, -26};
    private static final double OUT_STEP = 0.004;

    private static final double LOWEST = Math.toRadians(5);

    /** A light straight above comes from no side. */
    private static final double HIGHEST = Math.toRadians(88);

    /** The places on one side that are in the bands of a look. */
    static Spot of(NamedLook look, boolean right) {
        Band round = look.band(Aspect.DIRECTION).orElseGet(Aspect.DIRECTION::open);
        Band height = look.band(Aspect.HEIGHT).orElseGet(Aspect.HEIGHT::open);
        return new Spot(
                round.from(),
                round.to(),
                Math.min(HIGHEST, Math.max(LOWEST, height.from())),
                Math.min(HIGHEST, Math.max(LOWEST, height.to())),
                right);
    }

    /** The light there, to the minute of the clock, the degree and the centimetre. */
    Light at(Light light, double[] coordinates) {
        double round = whole(fromTwelve + coordinates[0] * (toTwelve - fromTwelve), Math.PI / 360);
        double height = whole(low + coordinates[1] * (high - low), Math.PI / 180);
        double distance = whole(NEAREST * Math.pow(FARTHEST / NEAREST, coordinates[2]), 0.01);
        double clock = right || round == 0 ? round : 2 * Math.PI - round;
        return light.with(there -> there.clock(clock).heightAngle(height).distance(distance));
    }

    /** Places beside one, near and farther off: some degrees up and down, up to a third nearer and farther. */
    List<double[]> beside(double[] at) {
        List<double[]> places = new ArrayList<>();
        for (int up : UP) {
            for (int out : OUT) {
                double height = high > low ? at[1] + Math.toRadians(up) / (high - low) : at[1];
                double far = at[2] + OUT_STEP * out;
                places.add(new double[] {at[0], within(height), within(far)});
            }
        }
        return places;
    }

    private static double within(double coordinate) {
        return Math.max(0, Math.min(1, coordinate));
    }

    private static double whole(double value, double step) {
        return Math.rint(value / step) * step;
    }
}
