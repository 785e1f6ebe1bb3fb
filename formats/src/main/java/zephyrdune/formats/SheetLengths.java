package zephyrdune.formats;

import java.util.List;
import java.util.Locale;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.answers.setsheet.SheetPart.SheetLine;
import zephyrdune.units.measure.ClockWords;
import zephyrdune.units.measure.Unit;

/** The unit of length that a set sheet is written in. */
public enum SheetLengths {
    CENTIMETRES(0.01, "cm", List.of(0.1, 0.2, 0.5, 1.0, 2.0)),
    INCHES(0.0254, "in", List.of(6 * 0.0254, 12 * 0.0254, 36 * 0.0254, 72 * 0.0254));

    private static final double MILLIMETRE = 1e-3;

    private final double metres;
    private final String name;
    private final List<Double> bars;

    SheetLengths(double metres, String name, List<Double> bars) {
        this.metres = metres;
        this.name = name;
        this.bars = bars;
    }

    /** A length that a scale bar stands for. */
    record Bar(double metres, String words) {}

    /** The longest handy one that is no longer than asked for, or the shortest there is. */
    Bar bar(double longest) {
        double chosen = bars.stream()
                .filter(one -> one <= longest)
                .reduce((shorter, longer) -> longer)
                .orElse(bars.get(0));
        return new Bar(chosen, "%.0f %s".formatted(chosen / metres, name));
    }

    /**
     * @param mark of the light's power, as its control says it
     */
    String shown(SheetLine line, String mark) {
        double value = line.value();
        if (line.measure() == Measure.POWER) {
            return mark;
        }
        if (line.measure() == Measure.FOCAL_LENGTH) {
            return words("%.0f mm", value / MILLIMETRE);
        }
        return shown(line.measure().unit(), value);
    }

    String shown(Unit unit, double value) {
        return switch (unit) {
            case METRE -> words("%.1f " + name, value / metres);
            case RADIAN -> words("%.1f°", Math.toDegrees(value));
            case CLOCK_RADIAN -> ClockWords.of(value);
            case F_NUMBER -> "f/" + words("%.1f", value).replaceAll("\\.0$", "");
            case SECOND -> value < 0.3 ? words("1/%.0f s", 1 / value) : words("%.1f s", value);
            case STOP -> words("%.1f stops", value);
            case RATIO -> words("%.2f", value);
            case KELVIN -> words("%.0f K", value);
            default -> words("%.0f", value);
        };
    }

    private static String words(String format, double value) {
        return String.format(Locale.ROOT, format, value + 0.0);
    }
}
