package zephyrdune.answers.tone;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * A camera's tone curve from frames of the same things, exposed more and less by known stops (P. Debevec and J. Malik, Recovering High Dynamic Range
 * Radiance Maps from Photographs, SIGGRAPH 1997): of all curves and all lights of the places that frames have in common, those that agree best, the curve smooth.
 * Smooth is what it differs by from sRGB's, over code + {@value #TOE}: curves bend most in the dark.
 */
public final class ToneCurveFit {

    /** Frames that tell a curve. */
    public static final int LEAST_FRAMES = 3;

    /** From the darkest frame to the brightest, stops. */
    public static final double LEAST_STOPS = 1.5;

    private static final double TOE = 1;

    /** Of how much a curve may bend: stops of second difference over the logarithm of code and toe. */
    private static final double BEND = 0.02;

    /** Places that agree less than this are of no one curve, stops. */
    private static final double MOST_RESIDUAL = 0.12;

    /** A place that is off by so many times the residual moved, or flickers. */
    private static final double STRANGE = 4;

    /** One in so many codes that are seen is too few to tell where a curve ends. */
    private static final int FEW = 100;

    private static final double ANCHORED = 1e6;
    private static final int LEAST_SITES = 40;
    private static final double[] STANDARD = standard();

    private final double[] more;

    private ToneCurveFit(double[] more) {
        this.more = more;
    }

    /** @throws Refused where the frames do not tell a curve, with what would */
    public static LearntToneCurve of(List<BracketFrame> frames) {
        require(frames);
        List<Site> sites = Site.of(frames);
        requireEnough(sites);
        ToneCurveFit first = fit(sites);
        double usual = first.residual(sites);
        List<Site> believed = sites.stream()
                .filter(site -> first.off(site).stream().allMatch(off -> Math.abs(off) <= STRANGE * usual))
                .toList();
        requireEnough(believed);
        ToneCurveFit fit = fit(believed);
        double residual = fit.residual(believed);
        if (residual > MOST_RESIDUAL) {
            throw new Refused(
                    "frames",
                    "These frames agree on no curve: their places differ by %.2f stop. Take them anew with nothing moved, in one light"
                            .formatted(residual));
        }
        List<Double> codes = believed.stream()
                .flatMap(site -> site.seen().stream())
                .map(Site.Seen::code)
                .sorted()
                .toList();
        return new LearntToneCurve(
                fit.curve(),
                residual,
                (int) Math.floor(codes.get(codes.size() / FEW)),
                (int) Math.ceil(codes.get(codes.size() - 1 - codes.size() / FEW)),
                frames.size());
    }

    private static void require(List<BracketFrame> frames) {
        if (frames.size() < LEAST_FRAMES) {
            throw new Refused("frames", "A tone curve takes %d frames or more".formatted(LEAST_FRAMES));
        }
        double range = frames.stream().mapToDouble(BracketFrame::stops).max().orElseThrow()
                - frames.stream().mapToDouble(BracketFrame::stops).min().orElseThrow();
        if (range < LEAST_STOPS) {
            throw new Refused(
                    "frames",
                    "These frames are exposed alike within %.1f stop; a tone curve takes %.1f or more, by aperture or ISO"
                            .formatted(range, LEAST_STOPS));
        }
        boolean alike = frames.stream()
                .map(BracketFrame::picture)
                .allMatch(picture -> picture.width() == frames.get(0).picture().width()
                        && picture.height() == frames.get(0).picture().height());
        if (!alike) {
            throw new Refused("frames", "Frames of a bracket are all of one size");
        }
    }

    private static void requireEnough(List<Site> sites) {
        if (sites.size() < LEAST_SITES) {
            throw new Refused(
                    "frames",
                    "Too little of these frames is even and neither black nor white in two of them; a grey or white wall in soft light tells most");
        }
    }

    private static ToneCurveFit fit(List<Site> sites) {
        int codes = ToneCurve.CODES;
        double[][] normal = new double[codes][codes];
        double[] right = new double[codes];
        for (Site site : sites) {
            add(site, normal, right);
        }
        for (int code = 1; code < codes - 1; code++) {
            double under = step(code) - step(code - 1);
            double over = step(code + 1) - step(code);
            double[] bend = {1 / under, -1 / under - 1 / over, 1 / over};
            double weight = (under + over) / 2 / (BEND * BEND);
            for (int i = 0; i < bend.length; i++) {
                for (int j = 0; j < bend.length; j++) {
                    normal[code - 1 + i][code - 1 + j] += weight * (bend[i] * bend[j]);
                }
            }
        }
        normal[ToneCurve.MID_GREY][ToneCurve.MID_GREY] += ANCHORED;
        return new ToneCurveFit(new CholeskyDecomposition(MatrixUtils.createRealMatrix(normal))
                .getSolver()
                .solve(MatrixUtils.createRealVector(right))
                .toArray());
    }

    private static double step(int code) {
        return Math.log(code + TOE);
    }

    /** What one place says, whatever its own light is: the weighted mean of its rows is taken off each. */
    private static void add(Site site, double[][] normal, double[] right) {
        double[] mean = new double[ToneCurve.CODES];
        double meanValue = 0;
        double all = 0;
        for (Site.Seen seen : site.seen()) {
            double weight = weight(seen);
            double value = seen.stops() - at(STANDARD, seen.code());
            int under = (int) seen.code();
            double share = seen.code() - under;
            double[] row = {1 - share, share};
            for (int i = 0; i < 2; i++) {
                for (int j = 0; j < 2; j++) {
                    normal[under + i][under + j] += weight * (row[i] * row[j]);
                }
                right[under + i] += weight * row[i] * value;
                mean[under + i] += weight * row[i];
            }
            meanValue += weight * value;
            all += weight;
        }
        for (int i = 0; i < mean.length; i++) {
            if (mean[i] == 0) {
                continue;
            }
            for (int j = 0; j < mean.length; j++) {
                normal[i][j] -= mean[i] * mean[j] / all;
            }
            right[i] -= mean[i] * meanValue / all;
        }
    }

    /** By how much each of a place's codes differs from what its others say of its light, stops. */
    private List<Double> off(Site site) {
        double sum = 0;
        double all = 0;
        List<Double> lights = new ArrayList<>();
        for (Site.Seen seen : site.seen()) {
            double light = at(STANDARD, seen.code()) + at(more, seen.code()) - seen.stops();
            sum += weight(seen) * light;
            all += weight(seen);
            lights.add(light);
        }
        double mean = sum / all;
        return lights.stream().map(light -> light - mean).toList();
    }

    private double residual(List<Site> sites) {
        return Math.sqrt(sites.stream()
                .flatMap(site -> off(site).stream())
                .mapToDouble(off -> off * off)
                .average()
                .orElseThrow());
    }

    private ToneCurve curve() {
        try {
            return new ToneCurve(IntStream.range(0, ToneCurve.CODES)
                    .mapToObj(code -> ToneCurve.SRGB.of(code) * Stops.ratio(more[code]))
                    .toList());
        } catch (Refused falling) {
            throw new Refused(
                    "frames",
                    "These frames tell a curve that falls: their light changed, or their settings are not what was set");
        }
    }

    /** By how unsure its light is, in stops. */
    private static double weight(Site.Seen seen) {
        double spread = seen.spread() * slope(seen.code());
        return 1 / (spread * spread);
    }

    /** Stops that a code of sRGB is brighter by than the code before, about. */
    private static double slope(double code) {
        int under = (int) Math.max(1, code);
        return STANDARD[under + 1] - STANDARD[under];
    }

    private static double at(double[] curve, double code) {
        int under = (int) code;
        return curve[under] + (code - under) * (curve[under + 1] - curve[under]);
    }

    /** Of sRGB, stops from mid grey; of black, those of the code after it. */
    private static double[] standard() {
        return IntStream.range(0, ToneCurve.CODES)
                .mapToDouble(code ->
                        Stops.between(ToneCurve.SRGB.of(Math.max(1, code)), ToneCurve.SRGB.of(ToneCurve.MID_GREY)))
                .toArray();
    }
}
