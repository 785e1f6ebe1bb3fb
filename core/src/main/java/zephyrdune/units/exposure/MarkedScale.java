package zephyrdune.units.exposure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import zephyrdune.units.measure.Rounding;

/**
 * The marks engraved or shown on cameras in third stops, and the exact values they stand for: f/5.6 is 2^(5/2), 1/60 s is
 * 1/64 s, ISO 640 is 100 times 2^(8/3).
 *
 * <p>Marks: f-numbers ISO 517, speeds ISO 12232, times the APEX series of Exif (CIPA DC-008); the rounded third-stop
 * marks are common practice, from memory.
 */
public enum MarkedScale {
    /** f-numbers, half a power of two to a stop, from f/1. */
    APERTURE(1, Math.sqrt(2), new double[] {
        1, 1.1, 1.2, 1.4, 1.6, 1.8, 2, 2.2, 2.5, 2.8, 3.2, 3.5, 4, 4.5, 5, 5.6, 6.3, 7.1, 8, 9, 10, 11, 13, 14, 16, 18,
        20, 22, 25, 29, 32, 36, 40, 45, 51, 57, 64
    }),
    /** Shutter times in seconds, from 30 s to 1/8000 s. */
    SHUTTER(32, 0.5, new double[] {
        30,
        25,
        20,
        15,
        13,
        10,
        8,
        6,
        5,
        4,
        3.2,
        2.5,
        2,
        1.6,
        1.3,
        1,
        0.8,
        0.6,
        0.5,
        0.4,
        0.3,
        1 / 4.0,
        1 / 5.0,
        1 / 6.0,
        1 / 8.0,
        1 / 10.0,
        1 / 13.0,
        1 / 15.0,
        1 / 20.0,
        1 / 25.0,
        1 / 30.0,
        1 / 40.0,
        1 / 50.0,
        1 / 60.0,
        1 / 80.0,
        1 / 100.0,
        1 / 125.0,
        1 / 160.0,
        1 / 200.0,
        1 / 250.0,
        1 / 320.0,
        1 / 400.0,
        1 / 500.0,
        1 / 640.0,
        1 / 800.0,
        1 / 1000.0,
        1 / 1250.0,
        1 / 1600.0,
        1 / 2000.0,
        1 / 2500.0,
        1 / 3200.0,
        1 / 4000.0,
        1 / 5000.0,
        1 / 6400.0,
        1 / 8000.0
    }),
    /** ISO speeds from 50. */
    SPEED(50, 2, new double[] {
        50, 64, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000,
        6400, 8000, 10000, 12800, 16000, 20000, 25600, 32000, 40000, 51200
    });

    /** A value this near to a mark, as a share of it, was read off the mark. */
    private static final double SAME = 0.004;

    private final double first;
    private final double ratioPerStop;
    private final double[] marks;

    MarkedScale(double first, double ratioPerStop, double[] marks) {
        this.first = first;
        this.ratioPerStop = ratioPerStop;
        this.marks = marks;
    }

    /** The marks in third stops, in order. */
    public List<Double> marks() {
        List<Double> list = new ArrayList<>();
        for (double mark : marks) {
            list.add(mark);
        }
        return list;
    }

    /** The exact value that a value stands for: that of the mark it was read off, or else itself. */
    public double exact(double value) {
        for (int i = 0; i < marks.length; i++) {
            if (Math.abs(value / marks[i] - 1) < SAME) {
                return exact(i);
            }
        }
        return value;
    }

    /** The mark nearest to an exact value, in stops. */
    public double nearest(double exact) {
        int best = 0;
        for (int i = 1; i < marks.length; i++) {
            if (Math.abs(Math.log(exact / exact(i))) < Math.abs(Math.log(exact / exact(best)))) {
                best = i;
            }
        }
        return marks[best];
    }

    private double exact(int thirds) {
        return first * Math.pow(ratioPerStop, thirds / 3.0);
    }

    /** The first mark that changes a value at least by a ratio; the farthest that way when none does, or the value itself. */
    public double changed(double value, double ratio) {
        int way = ratio > 1 ? 1 : -1;
        double now = exact(value);
        double wanted = now * ratio;
        double found = value;
        for (double mark : inOrder(way)) {
            double exact = exact(mark);
            if (way * (exact - now) > Rounding.SLACK * now) {
                found = mark;
                if (way * (exact - wanted) >= -Rounding.SLACK * exact) {
                    break;
                }
            }
        }
        return found;
    }

    private List<Double> inOrder(int way) {
        return marks().stream()
                .sorted(Comparator.comparingDouble(mark -> way * exact(mark)))
                .toList();
    }
}
