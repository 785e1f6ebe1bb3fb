package zephyrdune.answers.learning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import zephyrdune.answers.calibration.Measurement;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.PatchLight;
import zephyrdune.answers.frame.PatchReading;
import zephyrdune.answers.kit.KitNumber;
import zephyrdune.answers.kit.KitNumbers;
import zephyrdune.set.room.WalledRoom;

/**
 * What the patches of one frame say of the numbers of the kit. A light that is put back by hand stands a little elsewhere, and then all patches are off together: what they
 * say is brought into rows that are independent of each other by the root of their covariance.
 */
final class FrameRows {

    /** By how much light differs with where a light is put by hand, stops: a centimetre in sixty; common practice, no published source. */
    private static final double PLACED_BY_HAND = 0.05;

    private final TakenFrame frame;
    private final List<Map<KitNumber, Double>> slopes = new ArrayList<>();
    private final List<PatchLight> patches = new ArrayList<>();
    private final List<Double> values = new ArrayList<>();

    /** @param moreThanStated what was found so far, as stops more than this frame's set states */
    FrameRows(TakenFrame frame, ToDoubleFunction<KitNumber> moreThanStated) {
        this.frame = frame;
        Map<KitNumber, Double> lights = KitNumbers.lights(frame.set().light(), frame.below());
        double light = lights.entrySet().stream()
                .mapToDouble(each -> each.getValue() * moreThanStated.applyAsDouble(each.getKey()))
                .sum();
        double room = moreThanStated.applyAsDouble(room());
        for (PatchReading patch : frame.patches()) {
            PatchLight seen = PatchLight.of(patch, light, room);
            patches.add(seen);
            values.add(seen.value());
            slopes.add(slopes(patch, seen, lights));
        }
    }

    private KitNumber room() {
        return KitNumbers.room(frame.of());
    }

    private Map<KitNumber, Double> slopes(PatchReading patch, PatchLight seen, Map<KitNumber, Double> lights) {
        Map<KitNumber, Double> all = new LinkedHashMap<>();
        lights.forEach((number, slope) -> all.put(number, seen.lights() * slope));
        all.put(room(), seen.room());
        if (frame.set().room() instanceof WalledRoom walls) {
            all.put(KitNumbers.walls(walls), patch.shares().walls());
        }
        for (int card = 0; card < patch.shares().cards().size(); card++) {
            all.merge(
                    KitNumbers.card(frame.set().cards().get(card)),
                    patch.shares().cards().get(card),
                    Double::sum);
        }
        all.put(KitNumbers.surface(frame.set(), patch.patch().part().ground()), 1.0);
        if (patch.patch().part() != FramePatch.Part.METER) {
            all.put(KitNumbers.CAMERA, 1.0);
        }
        return all;
    }

    /** Whether the frame says anything of a number. */
    boolean tells(KitNumber number) {
        return slopes.stream().anyMatch(row -> row.getOrDefault(number, 0.0) != 0);
    }

    /**
     * Rows for the unknowns in their order and two more: by how much the lights, and the room, were off in this frame alone.
     *
     * @param stated what each unknown is counted from, as stops less than this frame's set states
     */
    List<Measurement> measurements(List<KitNumber> unknowns, ToDoubleFunction<KitNumber> stated) {
        int count = patches.size();
        int columns = unknowns.size() + 3;
        double[][] rows = new double[count][columns];
        double[][] covariance = new double[count][count];
        for (int i = 0; i < count; i++) {
            PatchLight patch = patches.get(i);
            double value = values.get(i);
            for (int u = 0; u < unknowns.size(); u++) {
                double slope = slopes.get(i).getOrDefault(unknowns.get(u), 0.0);
                rows[i][u] = slope;
                value += slope == 0 ? 0 : slope * stated.applyAsDouble(unknowns.get(u));
            }
            rows[i][columns - 3] = patch.lights();
            rows[i][columns - 2] = patch.room();
            rows[i][columns - 1] = value;
            for (int j = 0; j < count; j++) {
                covariance[i][j] = PLACED_BY_HAND
                        * PLACED_BY_HAND
                        * patch.lights()
                        * patches.get(j).lights();
            }
            covariance[i][i] += patch.spread() * patch.spread();
        }
        return count == 0 ? List.of() : independent(rows, covariance);
    }

    private static List<Measurement> independent(double[][] rows, double[][] covariance) {
        RealMatrix root = new CholeskyDecomposition(MatrixUtils.createRealMatrix(covariance)).getL();
        RealMatrix whitened = MatrixUtils.createRealMatrix(rows);
        for (int column = 0; column < whitened.getColumnDimension(); column++) {
            RealVector values = whitened.getColumnVector(column);
            MatrixUtils.solveLowerTriangularSystem(root, values);
            whitened.setColumnVector(column, values);
        }
        List<Measurement> all = new ArrayList<>();
        for (double[] row : whitened.getData()) {
            double[] slopes = Arrays.copyOf(row, row.length - 1);
            all.add(new Measurement(row[row.length - 1], slopes, 1));
        }
        return all;
    }
}
