package zephyrdune.formats;

import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.KeyColour;
import zephyrdune.light.emitter.Outline;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Light;
import zephyrdune.units.measure.Rounding;

/**
 * Writes a set's finished light as a photometric file of ANSI/IES LM-63-2019: type C, absolute, every 2.5 degrees from the
 * axis and every 15 round it. A flash's values are candela seconds of one full flash.
 */
public final class Lm63Writer {

    private static final double STEP = 2.5;
    private static final double TURN = 15;
    private static final int PER_LINE = 10;

    private Lm63Writer() {}

    public static byte[] write(TableSet set) {
        Light light = set.light();
        EmittingFace face = EmittingFace.of(set);
        boolean disc = face.outline() == Outline.DISC;
        double across = 2 * face.acrossHalf().norm();
        double along = 2 * face.upHalf().norm();
        List<Double> vertical = steps(90, STEP);
        List<Double> horizontal = steps(360, TURN);
        StringBuilder file = new StringBuilder();
        file.append("IES:LM-63-2019\r\n");
        file.append("[TEST] Computed, not measured\r\n");
        file.append("[TESTLAB] Zephyrdune\r\n");
        file.append("[ISSUEDATE] Not issued\r\n");
        file.append("[MANUFAC] None\r\n");
        file.append("[LUMINAIRE] Light of: ").append(ascii(set.title())).append("\r\n");
        file.append("[OTHER] Full power; ")
                .append(light.source().flash() ? "candela seconds of one flash" : "candela")
                .append("\r\n");
        if (light.source().flash()) {
            file.append("[%s] candela seconds of one full flash\r\n".formatted(Lm63Reader.FLASH));
        }
        file.append(
                "[%s] %.0f\r\n".formatted(Lm63Reader.COLOUR, KeyColour.of(set).kelvin()));
        file.append("TILT=NONE\r\n");
        file.append("1 -1 1 %d %d 1 2 %s %s 0\r\n1 1.0 0\r\n"
                .formatted(
                        vertical.size(),
                        horizontal.size(),
                        number(disc ? -across : across),
                        number(disc ? -along : along)));
        append(file, vertical);
        append(file, horizontal);
        double axial = face.axialIntensity();
        for (double turn : horizontal) {
            List<Double> row = new ArrayList<>();
            for (double angle : vertical) {
                row.add(axial * face.relativeIntensity(direction(face, Math.toRadians(angle), Math.toRadians(turn))));
            }
            append(file, row);
        }
        return file.toString().getBytes(StandardCharsets.US_ASCII);
    }

    private static Vector3D direction(EmittingFace face, double angle, double turn) {
        return face.front()
                .multiply(Math.cos(angle))
                .add(face.upHalf().normalize().multiply(Math.sin(angle) * Math.cos(turn)))
                .add(face.acrossHalf().normalize().multiply(Math.sin(angle) * Math.sin(turn)));
    }

    private static List<Double> steps(double last, double step) {
        List<Double> values = new ArrayList<>();
        for (int i = 0; i * step <= last; i++) {
            values.add(i * step);
        }
        return values;
    }

    private static void append(StringBuilder file, List<Double> values) {
        for (int from = 0; from < values.size(); from += PER_LINE) {
            file.append(values.subList(from, Math.min(values.size(), from + PER_LINE)).stream()
                            .map(Lm63Writer::number)
                            .collect(Collectors.joining(" ")))
                    .append("\r\n");
        }
    }

    /** At most six digits: as fine as any meter. */
    private static String number(double value) {
        if (Rounding.same(value, 0)) {
            return "0";
        }
        return new BigDecimal(value)
                .round(new MathContext(6))
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String ascii(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^\\x20-\\x7e]", "?");
    }
}
