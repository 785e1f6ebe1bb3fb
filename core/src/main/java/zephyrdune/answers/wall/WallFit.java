package zephyrdune.answers.wall;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.Light;
import zephyrdune.units.geometry.Jacobian;
import zephyrdune.units.measure.Stops;

/**
 * All frames of a wall test at once, by least squares with priors: of each frame its level, where its beam's middle lies, how much farther
 * away the light was put, as a share, and the numbers of its shaper; of all together what the lens loses towards the corners, how bright wall and camera make the light, and what the power control
 * is off by with every stop down. What a frame's level is off by beyond that is a loss of its shaper, as likely as such losses are.
 */
final class WallFit {

    /** What a lens loses in the corners, stops, and how far lenses differ: common practice, no published source, from memory. */
    private static final double SHADING = 0.25;

    private static final double SHADING_SPREAD = 0.15;

    /** How far somebody points a light from the middle of a frame, metres. */
    private static final double OFF_MIDDLE = 0.05;

    /** Walls are not evenly white, and frames not evenly true, stops. */
    private static final double UNEVEN = 0.03;

    /** A level that nothing is known of, stops. */
    private static final double ANY_LEVEL = 20;

    /** No shaper's loss is known better than this without a test, stops. */
    private static final double LEAST_LOSS_SPREAD = 0.2;

    /** A frame's level by the camera's own repeatability, stops: common practice, no published source. */
    private static final double REPEATED = 0.02;

    /** How well a light is put at a distance, metres. */
    private static final double PLACED = 0.01;

    /** Unknowns of all frames together, by their places. */
    private static final int LENS = 0;

    private static final int WALL = 1;
    private static final int SLOPE = 2;
    private static final int COMMON = 3;

    /** How much farther than the frame shows a beam is worked out: it may be off its middle. */
    private static final double ASIDE = 0.15;

    /** A number that stays as open as this share of what it was is not told. */
    private static final double TOLD = 0.7;

    /** A small step of a number, in its usual spread. */
    private static final double NUDGED = 0.1;

    /** Nearer to the least than this, as a share, is not looked. */
    private static final double FOUND = 1e-7;

    private static final int STEPS = 300;
    private static final int OWN = 3;

    private final WallSetup setup;
    private final List<WallFrame> frames;
    private final List<List<BeamNumber>> numbers = new ArrayList<>();
    private final List<Map<List<Double>, BeamShape>> shapes = new ArrayList<>();
    private final int[] starts;
    private final int unknowns;
    private final double[] at;
    private final RealMatrix covariance;

    private WallFit(WallSetup setup, List<WallFrame> frames) {
        this.setup = setup;
        this.frames = frames;
        starts = new int[frames.size()];
        int count = COMMON;
        for (int i = 0; i < frames.size(); i++) {
            starts[i] = count;
            numbers.add(BeamNumber.all(setup.light(frames.get(i).shaper())));
            shapes.add(new HashMap<>());
            count += OWN + numbers.get(i).size();
        }
        unknowns = count;
        double[] start = new double[unknowns];
        start[LENS] = SHADING;
        for (int i = 0; i < frames.size(); i++) {
            start[starts[i]] = brightest(frames.get(i).profile());
        }
        LeastSquaresOptimizer.Optimum found = new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(FOUND)
                .withParameterRelativeTolerance(FOUND)
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .model(this::residuals, there -> Jacobian.of(this::residuals, there, nudges()))
                        .target(new double[residuals(start).length])
                        .maxEvaluations(STEPS)
                        .maxIterations(STEPS)
                        .build());
        at = found.getPoint().toArray();
        covariance = found.getCovariances(1e-12);
    }

    static WallFit of(WallSetup setup, List<WallFrame> frames) {
        return new WallFit(setup, frames);
    }

    /** Steps that the slopes are taken over: coarse enough that the beams' own error of a thousandth is nothing beside them. */
    private double[] nudges() {
        double[] nudges = new double[unknowns];
        nudges[LENS] = NUDGED * SHADING_SPREAD;
        nudges[WALL] = NUDGED;
        nudges[SLOPE] = NUDGED * UsualSpread.DIAL_SLOPE;
        for (int i = 0; i < frames.size(); i++) {
            nudges[starts[i]] = NUDGED;
            nudges[starts[i] + 1] = NUDGED * OFF_MIDDLE;
            nudges[starts[i] + 2] = NUDGED * PLACED / setup.distance();
            for (int k = 0; k < numbers.get(i).size(); k++) {
                nudges[starts[i] + OWN + k] = NUDGED * numbers.get(i).get(k).usualSpread();
            }
        }
        return nudges;
    }

    private static double brightest(WallProfile profile) {
        return profile.points().stream()
                .mapToDouble(point -> Stops.between(point.light(), 1))
                .max()
                .orElseThrow();
    }

    /** By what every point, and every prior, is missed, in its standard deviations. */
    private double[] residuals(double[] at) {
        List<Double> residuals = new ArrayList<>();
        residuals.add((at[LENS] - SHADING) / SHADING_SPREAD);
        residuals.add(at[WALL] / ANY_LEVEL);
        residuals.add(at[SLOPE] / UsualSpread.DIAL_SLOPE);
        for (int i = 0; i < frames.size(); i++) {
            for (WallProfile.Point point : frames.get(i).profile().points()) {
                residuals.add((measured(i, point, at) - modelled(i, point, at)) / spread(point));
            }
            residuals.add(loss(i, at) / Math.hypot(usualLoss(i), measuredLoss()));
            residuals.add(at[starts[i] + 1] / OFF_MIDDLE);
            residuals.add(at[starts[i] + 2] * setup.distance() / PLACED);
            for (int k = 0; k < numbers.get(i).size(); k++) {
                residuals.add(at[starts[i] + OWN + k] / numbers.get(i).get(k).usualSpread());
            }
        }
        return residuals.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static double spread(WallProfile.Point point) {
        return Math.hypot(UNEVEN, Stops.between(1 + point.noise(), 1));
    }

    /** Stops from the beam's middle, the lens's shading taken off. */
    private double measured(int frame, WallProfile.Point point, double[] at) {
        double corner = 0.25 * (1 + square(frames.get(frame).profile().shape()));
        double shaded = at[LENS] * square(point.across()) / corner;
        return BeamShape.stops(point.light() * Stops.ratio(shaded - at[starts[frame]]));
    }

    private double modelled(int frame, WallProfile.Point point, double[] at) {
        return shape(frame, at).at(across(frame, point, at));
    }

    private double across(int frame, WallProfile.Point point, double[] at) {
        return (point.across() * setup.framedWidth() - at[starts[frame] + 1]) / (1 + at[starts[frame] + 2]);
    }

    private BeamShape shape(int frame, double[] at) {
        List<Double> off = new ArrayList<>();
        for (int k = 0; k < numbers.get(frame).size(); k++) {
            off.add(at[starts[frame] + OWN + k]);
        }
        return shapes.get(frame)
                .computeIfAbsent(off, any -> BeamShape.of(light(frame, at), setup.framedWidth() * (0.5 + ASIDE)));
    }

    /** The light of a frame by its numbers as these unknowns have them. */
    private Light light(int frame, double[] at) {
        Light light = stated(frame);
        for (int k = 0; k < numbers.get(frame).size(); k++) {
            light = numbers.get(frame).get(k).moved(light, at[starts[frame] + OWN + k]);
        }
        return light;
    }

    private static double square(double value) {
        return value * value;
    }

    // what was found, frame by frame

    Light stated(int frame) {
        return setup.light(frames.get(frame).shaper());
    }

    Light learnt(int frame) {
        return light(frame, at);
    }

    List<WallShaper.Found> found(int frame) {
        List<WallShaper.Found> found = new ArrayList<>();
        for (int k = 0; k < numbers.get(frame).size(); k++) {
            BeamNumber number = numbers.get(frame).get(k);
            double stated = number.of(stated(frame));
            double off = sigma(starts[frame] + OWN + k);
            found.add(new WallShaper.Found(
                    number,
                    stated,
                    number.of(learnt(frame)),
                    number.spread(number.of(learnt(frame)), off),
                    off < TOLD * number.usualSpread()));
        }
        return found;
    }

    /** How far its numbers lie from the stated ones, the farthest of them, in usual spreads. */
    double farthest(int frame) {
        double farthest = 0;
        for (int k = 0; k < numbers.get(frame).size(); k++) {
            farthest = Math.max(
                    farthest,
                    Math.abs(at[starts[frame] + OWN + k])
                            / numbers.get(frame).get(k).usualSpread());
        }
        return farthest;
    }

    /** What its shaper takes more than its numbers as found say, stops. */
    double loss(int frame) {
        return loss(frame, at);
    }

    private double loss(int frame, double[] at) {
        return at[WALL] + shape(frame, at).level() - level(frame, at);
    }

    /** Standard deviation of that. */
    double lossSpread(int frame) {
        double[] slopes = Jacobian.of(there -> new double[] {loss(frame, there)}, at, nudges())[0];
        RealVector of = MatrixUtils.createRealVector(slopes);
        return Math.hypot(Math.sqrt(of.dotProduct(covariance.operate(of))), measuredLoss());
    }

    private double measuredLoss() {
        return Math.hypot(REPEATED, Stops.between(1 + 2 * PLACED / setup.distance(), 1));
    }

    /** How far such a shaper's loss usually lies from the stated one; of what is bare there is none. */
    double usualLoss(int frame) {
        return frames.get(frame).bare()
                ? 0
                : Math.max(LEAST_LOSS_SPREAD, UsualSpread.of(frames.get(frame).shaper()));
    }

    /** Illuminance in the beam's middle at full power, stops; what the wall and the camera make of it is in it. */
    double level(int frame) {
        return level(frame, at);
    }

    private double level(int frame, double[] at) {
        WallFrame taken = frames.get(frame);
        Exposure exposure = taken.profile().settings().in(setup.exposure());
        double time = setup.source().flash() ? 1 : exposure.exactShutter();
        return at[starts[frame]] + Stops.between(exposure.correct() / time, 1) + taken.below() * (1 + at[SLOPE]);
    }

    List<WallShaper.Point> points(int frame) {
        BeamShape stated = BeamShape.of(stated(frame), setup.framedWidth() * (0.5 + ASIDE));
        return frames.get(frame).profile().points().stream()
                .map(point -> new WallShaper.Point(
                        across(frame, point, at),
                        measured(frame, point, at),
                        stated.at(across(frame, point, at)),
                        modelled(frame, point, at)))
                .toList();
    }

    private double sigma(int unknown) {
        return Math.sqrt(covariance.getEntry(unknown, unknown));
    }
}
