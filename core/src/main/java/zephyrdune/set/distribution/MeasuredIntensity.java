package zephyrdune.set.distribution;

import java.util.List;
import zephyrdune.units.measure.Rounding;

/**
 * A measured table of intensities over two angles, as goniophotometers give it (ANSI/IES LM-63, LM-75; the axes of the
 * three types from memory). Between the entries it is linear in both angles; outside them there is no light.
 *
 * <p>The axis of the light is the table's direction (0, 0), and only what goes to the front of it counts.
 */
public final class MeasuredIntensity implements Distribution {

    private final PhotometricType type;
    private final double[] vertical;
    private final double[] horizontal;
    private final double[] candela;
    private final double axial;

    /**
     * @param vertical ascending angles, radians
     * @param horizontal ascending angles, radians; as far as the light's symmetry makes them needed
     * @param candela for each horizontal angle, one value for each vertical angle
     */
    public MeasuredIntensity(
            PhotometricType type, List<Double> vertical, List<Double> horizontal, List<Double> candela) {
        this.type = type;
        this.vertical = array(vertical);
        this.horizontal = array(horizontal);
        this.candela = array(candela);
        this.axial = candela(0, 0, 1);
    }

    private static double[] array(List<Double> list) {
        return list.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** Intensity along the axis, candela. */
    public double axialIntensity() {
        return axial;
    }

    @Override
    public double relativeIntensity(double x, double y, double z) {
        return z <= 0 || axial <= 0 ? 0 : candela(x, y, z) / axial;
    }

    private double candela(double x, double y, double z) {
        return switch (type) {
            case A -> at(Math.asin(clamp(y)), Math.atan2(x, z));
            case B -> at(Math.atan2(y, z), Math.asin(clamp(x)));
            case C -> at(Math.acos(clamp(z)), Math.atan2(x, y));
        };
    }

    private double at(double verticalAngle, double horizontalAngle) {
        double v = type != PhotometricType.C && vertical[0] >= 0 ? Math.abs(verticalAngle) : verticalAngle;
        double h = folded(horizontalAngle);
        int row = below(vertical, v);
        if (row < 0) {
            return 0;
        }
        if (horizontal.length == 1) {
            return along(0, row, v);
        }
        int column = below(horizontal, h);
        if (column < 0) {
            return 0;
        }
        double share = (h - horizontal[column]) / (horizontal[column + 1] - horizontal[column]);
        return (1 - share) * along(column, row, v) + share * along(column + 1, row, v);
    }

    /** The angle that stands for this one in a table that leaves out what symmetry gives. */
    private double folded(double angle) {
        double last = horizontal[horizontal.length - 1];
        if (type != PhotometricType.C) {
            return horizontal[0] >= 0 ? Math.abs(angle) : angle;
        }
        double turn = angle < 0 ? angle + 2 * Math.PI : angle;
        if (close(horizontal[0], Math.PI / 2) && close(last, 1.5 * Math.PI)) {
            // both sides of the plane through 90 and 270 degrees are alike
            return turn < Math.PI / 2 ? Math.PI - turn : turn > 1.5 * Math.PI ? 3 * Math.PI - turn : turn;
        }
        if (Rounding.more(last, Math.PI)) {
            return turn;
        }
        double half = turn > Math.PI ? 2 * Math.PI - turn : turn;
        return Rounding.more(last, Math.PI / 2) || half <= Math.PI / 2 ? half : Math.PI - half;
    }

    private static boolean close(double a, double b) {
        return Rounding.same(a, b);
    }

    private static double clamp(double cosine) {
        return Math.max(-1, Math.min(1, cosine));
    }

    /** The interval that holds an angle, or -1 outside the table. */
    private static int below(double[] angles, double angle) {
        int last = angles.length - 1;
        if (Rounding.less(angle, angles[0]) || Rounding.more(angle, angles[last])) {
            return -1;
        }
        int at = 0;
        while (at < last - 1 && angle >= angles[at + 1]) {
            at++;
        }
        return at;
    }

    private double along(int column, int row, double angle) {
        int at = column * vertical.length + row;
        double share = (angle - vertical[row]) / (vertical[row + 1] - vertical[row]);
        return Math.max(0, candela[at] + share * (candela[at + 1] - candela[at]));
    }

    /** The table's flux to the front over its axial intensity; exact for a table that is linear between entries. */
    @Override
    public double flux() {
        return frontLumens() / axial;
    }

    private double frontLumens() {
        double[] polar = type == PhotometricType.B ? horizontal : vertical;
        double[] round = type == PhotometricType.B ? vertical : horizontal;
        if (round.length == 1) {
            double sum = 0;
            for (int i = 0; i + 1 < polar.length; i++) {
                sum += zone(polar[i], polar[i + 1], value(i, 0), value(i + 1, 0));
            }
            return 2 * Math.PI * sum;
        }
        double sum = 0;
        for (int j = 0; j + 1 < round.length; j++) {
            double width = round[j + 1] - round[j];
            for (int i = 0; i + 1 < polar.length; i++) {
                // linear round the axis: the mean of the two sides
                sum += width / 2 * zone(polar[i], polar[i + 1], value(i, j), value(i + 1, j));
                sum += width / 2 * zone(polar[i], polar[i + 1], value(i, j + 1), value(i + 1, j + 1));
            }
        }
        return sum * repeats(polar, round);
    }

    /** How often the table's part of the sphere stands for another like it. */
    private double repeats(double[] polar, double[] round) {
        if (type == PhotometricType.C) {
            return 2 * Math.PI / (round[round.length - 1] - round[0]);
        }
        return (polar[0] >= 0 ? 2 : 1) * (round[0] >= 0 ? 2 : 1);
    }

    private double value(int polarIndex, int roundIndex) {
        return type == PhotometricType.B
                ? candela[polarIndex * vertical.length + roundIndex]
                : candela[roundIndex * vertical.length + polarIndex];
    }

    /** Integral over a zone between two polar angles of an intensity that is linear between them, per radian round. */
    private double zone(double from, double to, double atFrom, double atTo) {
        if (type != PhotometricType.C) {
            // latitude: weight cos
            double slope = (atTo - atFrom) / (to - from);
            return atTo * Math.sin(to) - atFrom * Math.sin(from) + slope * (Math.cos(to) - Math.cos(from));
        }
        if (!Rounding.less(from, Math.PI / 2)) {
            return 0;
        }
        double slope = (atTo - atFrom) / (to - from);
        double end = Math.min(to, Math.PI / 2);
        double atEnd = atFrom + slope * (end - from);
        return atFrom * Math.cos(from) - atEnd * Math.cos(end) + slope * (Math.sin(end) - Math.sin(from));
    }
}
