package zephyrdune.answers.look;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.TableSet;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.Band;
import zephyrdune.set.look.NamedLook;

/** What a set's readings say of each aspect of a look. */
final class Measured {

    private static final String NO_SIDE = "The light stands straight above: it comes from no side";
    private static final String OUT_OF_FRAME = "The frame does not show it";

    /** A light nearer to the zenith than this comes from no side. */
    private static final double ABOVE = Math.toRadians(2);

    private final TableSet set;
    private final Map<ReadingKind, Reading> readings = new EnumMap<>(ReadingKind.class);

    Measured(TableSet set, List<Reading> read) {
        this.set = set;
        read.forEach(reading -> readings.put(reading.kind(), reading));
    }

    /** The readings that a look is judged by. */
    static ReadingKind[] kinds(NamedLook look) {
        return look.bands().stream()
                .map(Band::aspect)
                .map(Measured::kinds)
                .flatMap(Collection::stream)
                .sorted()
                .toArray(ReadingKind[]::new);
    }

    /** The same without the edge that is seen, which takes longest and only says at once whether a beam is too narrow for one. */
    static ReadingKind[] quickKinds(NamedLook look) {
        return Arrays.stream(kinds(look))
                .filter(kind -> kind != ReadingKind.EDGE_SHOWN)
                .toArray(ReadingKind[]::new);
    }

    /** The readings that one aspect is judged by, the one that shows it first. */
    static List<ReadingKind> kinds(Aspect aspect) {
        return switch (aspect) {
            case DIRECTION, HEIGHT -> List.of();
            case SIZE -> List.of(ReadingKind.SIZE_ACROSS, ReadingKind.SIZE_ALONG);
            case EDGE ->
                List.of(ReadingKind.EDGE_SHOWN, ReadingKind.EDGE_TO_RIM, ReadingKind.TIP_EDGE, ReadingKind.SIDE_EDGE);
            case SHADOW_DEPTH -> List.of(ReadingKind.SHADOW_DEPTH);
            case CONTRAST -> List.of(ReadingKind.LIT_TO_SHADOW);
            case BACKDROP -> List.of(ReadingKind.BACKDROP_TONE);
            case FALL_OFF -> List.of(ReadingKind.FALL_OFF_HERO);
            case PATTERN -> List.of(ReadingKind.PATTERN_CONTRAST);
            case BIAS -> List.of(ReadingKind.OFF_EXPOSURE, ReadingKind.POWER);
            case SHADE_TINT -> List.of(ReadingKind.SHADOW_TINT);
            case HIGHLIGHT -> List.of(ReadingKind.HIGHLIGHT_LENGTH);
        };
    }

    Verdict verdict(Band band) {
        return switch (band.aspect()) {
            case DIRECTION -> direction(band);
            case HEIGHT -> found(band, Math.atan2(there().getZ(), Math.hypot(there().getX(), there().getY())));
            case SIZE -> size(band);
            case EDGE -> edge(band);
            case BACKDROP -> backdrop(band);
            case FALL_OFF -> of(band, ReadingKind.FALL_OFF_HERO, Math::abs);
            case PATTERN ->
                found(band, reading(ReadingKind.PATTERN_CONTRAST).value().orElse(0));
            case BIAS -> exposure(band);
            case HIGHLIGHT -> highlight(band);
            case SHADOW_DEPTH, CONTRAST, SHADE_TINT ->
                of(band, kinds(band.aspect()).get(0), DoubleUnaryOperator.identity());
        };
    }

    private Reading reading(ReadingKind kind) {
        return readings.get(kind);
    }

    private static Verdict found(Band band, double value) {
        return new Verdict(band, OptionalDouble.of(value), "");
    }

    private static Verdict untold(Band band, String why) {
        return new Verdict(band, OptionalDouble.empty(), why);
    }

    private Verdict of(Band band, ReadingKind kind, DoubleUnaryOperator value) {
        Reading reading = reading(kind);
        return reading.value().isPresent()
                ? found(band, value.applyAsDouble(reading.value().getAsDouble()))
                : untold(band, reading.note());
    }

    /** Where the light's face is, from what it is aimed at. */
    private Vector3D there() {
        return set.pose().centre().subtract(set.light().aim().point());
    }

    private Verdict direction(Band band) {
        double level = Math.hypot(there().getX(), there().getY());
        return level < there().norm() * Math.sin(ABOVE) ? untold(band, NO_SIDE) : found(band, offTwelve(there()));
    }

    /** How far round from 12 o'clock a place lies, to either side. */
    private static double offTwelve(Vector3D place) {
        return Math.abs(Math.atan2(place.getX(), place.getY()));
    }

    private Verdict size(Band band) {
        Reading across = reading(ReadingKind.SIZE_ACROSS);
        Reading along = reading(ReadingKind.SIZE_ALONG);
        return found(
                band, Math.sqrt(across.value().orElseThrow() * along.value().orElseThrow()));
    }

    /** At the tip where the picture shows it, or else at the side. */
    private Verdict edge(Band band) {
        Reading shown = reading(ReadingKind.EDGE_SHOWN);
        if (shown == null) {
            return quickEdge(band);
        }
        if (shown.value().isEmpty()) {
            return untold(band, shown.note());
        }
        if (shown.places().equals(reading(ReadingKind.TIP_EDGE).places())) {
            return of(band, ReadingKind.EDGE_TO_RIM, DoubleUnaryOperator.identity());
        }
        double height = shown.places().get(0).getZ();
        return of(band, ReadingKind.SIDE_EDGE, width -> width / height);
    }

    /** As wide as the whole edge is, at the tip or, where that is out of the picture, at the side. */
    private Verdict quickEdge(Band band) {
        Reading tip = reading(ReadingKind.TIP_EDGE);
        Reading side = reading(ReadingKind.SIDE_EDGE);
        if (tip.note().isEmpty() || tip.value().isEmpty()) {
            return of(band, ReadingKind.EDGE_TO_RIM, DoubleUnaryOperator.identity());
        }
        if (!side.note().isEmpty()) {
            return untold(band, tip.note());
        }
        double height = side.places().get(0).getZ();
        return of(band, ReadingKind.SIDE_EDGE, width -> width / height);
    }

    /** As it is set; where power cannot keep up with that, as it comes out. What rounding to marks leaves over is nobody's wish. */
    private Verdict exposure(Band band) {
        double bias = set.exposure().bias();
        return reading(ReadingKind.POWER).alarm()
                ? of(band, ReadingKind.OFF_EXPOSURE, off -> off + bias)
                : found(band, bias);
    }

    private Verdict backdrop(Band band) {
        Reading tone = reading(ReadingKind.BACKDROP_TONE);
        boolean out = !tone.places().isEmpty()
                && !Perspective.of(set).shows(tone.places().get(0));
        return out ? untold(band, OUT_OF_FRAME) : of(band, ReadingKind.BACKDROP_TONE, DoubleUnaryOperator.identity());
    }

    private Verdict highlight(Band band) {
        Reading highlight = reading(ReadingKind.HIGHLIGHT_LENGTH);
        return highlight.places().isEmpty()
                ? untold(band, highlight.note())
                : found(band, offTwelve(highlight.places().get(0)));
    }
}
