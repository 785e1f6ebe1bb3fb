package zephyrdune.answers.wall;

import java.util.List;
import java.util.OptionalDouble;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.source.Source;

/**
 * A shaper as the wall test found it, beside what its numbers say.
 *
 * @param learnt it with what was found in its numbers
 * @param source that it was on, its beam as found where it was bare
 * @param numbers that decide the beam's shape
 * @param loss what it takes more than stated, on its axis; absent where nothing bare was fired
 * @param lossSpread standard deviation of that
 * @param unplaced stops of that loss which none of its numbers can take
 * @param says what its numbers say of the beam
 * @param was what was found of it
 * @param residual root mean square by which the frame differs from what was found, stops
 * @param trouble why it should not be believed as it is; empty where nothing speaks against it
 */
public record WallShaper(
        Shaper stated,
        Shaper learnt,
        Source source,
        List<Found> numbers,
        OptionalDouble loss,
        double lossSpread,
        double unplaced,
        BeamFigures says,
        BeamFigures was,
        double residual,
        String trouble,
        List<Point> points) {

    /**
     * @param stated in its own unit
     * @param spread standard deviation of what was learnt
     * @param told whether the frame says more of it than was known before
     */
    public record Found(BeamNumber number, double stated, double learnt, double spread, boolean told) {}

    /**
     * @param beamAngle full angle to half the intensity
     * @param fieldAngle full angle to a tenth of it
     * @param evenWidth of the wall that is lit to within a third of a stop of the middle, metres
     * @param underBare stops on the axis under the bare source; absent where nothing bare was fired
     */
    public record BeamFigures(double beamAngle, double fieldAngle, double evenWidth, OptionalDouble underBare) {

        static BeamFigures of(WallBeam beam, OptionalDouble underBare) {
            return new BeamFigures(beam.angle(0.5), beam.angle(0.1), beam.evenWidth(), underBare);
        }
    }

    /**
     * A place on the wall, in stops from the beam's middle.
     *
     * @param across metres to the right of the beam's middle
     */
    public record Point(double across, double measured, double stated, double learnt) {}

    public WallShaper {
        numbers = List.copyOf(numbers);
        points = List.copyOf(points);
    }
}
