package zephyrdune.answers.photograph;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * The light of a photograph: its place, its size and its tones, each with how sure that is. Directions and sizes are those seen from the middle of what
 * the table was marked by.
 *
 * @param lines in the order of their kinds
 * @param tones of the spots that were marked
 * @param highlights that were marked
 * @param troubles marks that nothing could be told by, and why
 */
public record PhotographReading(
        List<PhotographLine> lines, List<SpotTone> tones, List<HighlightOutline> highlights, List<Trouble> troubles) {

    /**
     * @param stops below the brightest matte part, or of all spots the brightest where none was marked as that; absent where the spot is clipped
     */
    public record SpotTone(ToneSpot.Part part, OptionalDouble stops) {}

    /**
     * @param field path of the mark
     * @param what is wrong, and what would do
     */
    public record Trouble(String field, String what) {}

    public PhotographReading {
        lines = List.copyOf(lines);
        tones = List.copyOf(tones);
        highlights = List.copyOf(highlights);
        troubles = List.copyOf(troubles);
    }

    /** Reads what can be read; what cannot is told as a trouble. */
    public static PhotographReading of(Picture picture, PhotographMarks marks) {
        SpotTones tones = new SpotTones(picture, marks.spots());
        List<Trouble> troubles = new ArrayList<>();
        List<HighlightOutline> highlights = new ArrayList<>();
        for (int i = 0; i < marks.highlights().size(); i++) {
            String field = "highlights[%d]".formatted(i);
            Mark mark = marks.highlights().get(i);
            tried(troubles, () -> HighlightOutline.of(picture, mark, field)).ifPresent(highlights::add);
        }
        Optional<TableGeometry> geometry = tried(troubles, () -> new TableGeometry(picture, marks, highlights));
        geometry.ifPresent(found -> troubles.addAll(found.troubles()));
        List<PhotographLine> lines = new ArrayList<>();
        geometry.ifPresent(found -> lines.addAll(found.lines()));
        lines.addAll(toneLines(tones, geometry.map(TableGeometry::depth).orElse(OptionalDouble.empty())));
        lines.sort(Comparator.comparing(PhotographLine::kind));
        return new PhotographReading(lines, spotTones(tones), highlights, troubles);
    }

    /** A part of the reading, or nothing and one more trouble. */
    static <T> Optional<T> tried(List<Trouble> troubles, Supplier<T> reading) {
        try {
            return Optional.of(reading.get());
        } catch (Refused refused) {
            troubles.add(new Trouble(refused.field(), refused.getMessage()));
            return Optional.empty();
        }
    }

    private static List<SpotTone> spotTones(SpotTones tones) {
        List<ToneSpot.Part> there = new ArrayList<>(List.of(ToneSpot.Part.values()));
        there.removeIf(part -> !tones.has(part));
        Optional<ToneSpot.Part> brightest = there.stream()
                .filter(part -> tones.fromGrey(part).isPresent())
                .max(Comparator.comparing((ToneSpot.Part part) -> part == ToneSpot.Part.BRIGHTEST_MATTE)
                        .thenComparing(part -> tones.fromGrey(part).orElseThrow()));
        return there.stream()
                .map(part -> new SpotTone(
                        part, brightest.map(from -> tones.between(from, part)).orElse(OptionalDouble.empty())))
                .toList();
    }

    private static List<PhotographLine> toneLines(SpotTones tones, OptionalDouble depthByEdge) {
        OptionalDouble depth = tones.between(ToneSpot.Part.LIT_TABLE, ToneSpot.Part.SHADED_TABLE);
        return List.of(
                depth.isEmpty() && depthByEdge.isPresent()
                        ? tone(PhotographLine.Kind.SHADOW_DEPTH, depthByEdge, "by the lines across its edge", "")
                        : tone(
                                PhotographLine.Kind.SHADOW_DEPTH,
                                depth,
                                "",
                                missing(tones, ToneSpot.Part.LIT_TABLE, ToneSpot.Part.SHADED_TABLE)),
                tone(
                        PhotographLine.Kind.CONTRAST,
                        tones.between(ToneSpot.Part.LIT_SIDE, ToneSpot.Part.SHADOW_SIDE),
                        "",
                        missing(tones, ToneSpot.Part.LIT_SIDE, ToneSpot.Part.SHADOW_SIDE)),
                tone(
                        PhotographLine.Kind.BACKDROP,
                        tones.fromGrey(ToneSpot.Part.BACKDROP),
                        "from mid grey",
                        missing(tones, ToneSpot.Part.BACKDROP)),
                tone(
                        PhotographLine.Kind.SHADE_TINT,
                        tones.shadeTint(),
                        "",
                        missing(tones, ToneSpot.Part.LIT_TABLE, ToneSpot.Part.SHADED_TABLE)));
    }

    private static PhotographLine tone(PhotographLine.Kind kind, OptionalDouble value, String note, String missing) {
        Optional<Estimate> estimate = value.stream()
                .mapToObj(found -> new Estimate(found, spread(kind)))
                .findFirst();
        return new PhotographLine(kind, estimate, estimate.isPresent() ? note : missing);
    }

    /** Where somebody puts the spots changes a tone by about so much; common practice, no published source. */
    private static double spread(PhotographLine.Kind kind) {
        return kind == PhotographLine.Kind.SHADE_TINT ? 10 : 0.15;
    }

    private static String missing(SpotTones tones, ToneSpot.Part... parts) {
        for (ToneSpot.Part part : parts) {
            if (tones.clipped(part)) {
                return "“%s” is as bright as the file can say: its light is not known".formatted(part.title());
            }
            if (!tones.has(part)) {
                return "Mark a spot “%s”".formatted(part.title());
            }
        }
        return "No light of this tint is known";
    }

    /** Stops that a shadow is deep of which this share of the light is missing. */
    static double stops(double depth) {
        return Stops.between(1, Math.max(1e-3, 1 - depth));
    }
}
