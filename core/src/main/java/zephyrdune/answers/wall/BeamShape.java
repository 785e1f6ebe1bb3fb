package zephyrdune.answers.wall;

import java.util.stream.IntStream;
import zephyrdune.set.light.Light;
import zephyrdune.units.measure.Stops;

/** A modelled beam along the level line through its middle, stops from its middle, worked out once and read between its places. */
final class BeamShape {

    /** Places on one side. */
    private static final int PLACES = 60;

    /** So far under its middle a beam ends, stops: files of eight bits, and light off the room, tell nothing below. */
    private static final double END = Stops.ratio(-6);

    private static final double ROOM = 1.05;

    private final double[] left;
    private final double[] right;
    private final double step;
    private final double middle;

    private BeamShape(double[] left, double[] right, double step, double middle) {
        this.left = left;
        this.right = right;
        this.step = step;
        this.middle = middle;
    }

    /** @param reach metres from the middle to either side */
    static BeamShape of(Light light, double reach) {
        WallBeam beam = WallBeam.of(light);
        double middle = beam.at(0, 0);
        // a narrow beam has its places where it is
        double step = Math.min(reach, ROOM * beam.reach(END)) / (PLACES - 1);
        return new BeamShape(side(beam, -step, middle), side(beam, step, middle), step, middle);
    }

    private static double[] side(WallBeam beam, double step, double middle) {
        return IntStream.range(0, PLACES)
                .parallel()
                .mapToDouble(place -> stops(beam.at(place * step, 0) / middle))
                .toArray();
    }

    /** Stops of a share of the middle, that of nothing being the beam's end. */
    static double stops(double share) {
        return Stops.between(share + END, 1 + END);
    }

    /** Illuminance in its middle at full power, stops from one lux or lux second. */
    double level() {
        return Stops.between(middle, 1);
    }

    /** Stops from its middle, metres to the right of it. */
    double at(double across) {
        double[] side = across < 0 ? left : right;
        double place = Math.min(PLACES - 1.0, Math.abs(across) / step);
        int under = (int) Math.min(PLACES - 2.0, place);
        return side[under] + (place - under) * (side[under + 1] - side[under]);
    }
}
