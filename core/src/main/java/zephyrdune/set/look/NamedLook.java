package zephyrdune.set.look;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;

/**
 * A look as bands: a set has it when it lies in all of them, wherever its light stands.
 *
 * @param why what makes it
 * @param use what it is for
 */
@RecordBuilder
public record NamedLook(
        @Line(max = 60) String title,
        @Line(max = 200) String why,
        @Line(max = 200) String use,
        @Count(min = 1, max = 12) List<Band> bands)
        implements Look, NamedLookBuilder.With {

    private static final LineLimit TITLE = Limits.line(NamedLook.class, "title");
    private static final LineLimit WHY = Limits.line(NamedLook.class, "why");
    private static final LineLimit USE = Limits.line(NamedLook.class, "use");
    private static final CountLimit BANDS = Limits.count(NamedLook.class, "bands");

    /** Of a strip sixteen times as long as wide the narrow side is a quarter of both averaged; narrower ones are not made (common practice). */
    private static final double NARROWEST = 4;

    public NamedLook {
        TITLE.require(title);
        WHY.require(why);
        USE.require(use);
        bands = BANDS.copy(bands);
        Set<Aspect> seen = EnumSet.noneOf(Aspect.class);
        for (int i = 0; i < bands.size(); i++) {
            if (!seen.add(bands.get(i).aspect())) {
                throw new Refused(
                        "bands[" + i + "]",
                        "There are two bands for “%s”; keep one of them"
                                .formatted(bands.get(i).aspect().title()));
            }
        }
        requireTogether(band(bands, Aspect.SIZE), band(bands, Aspect.EDGE));
    }

    /** Straight from above an edge is as wide over the height that throws it as the light is over its distance; from aside it is wider. */
    private static void requireTogether(Optional<Band> size, Optional<Band> edge) {
        if (size.isPresent()
                && edge.isPresent()
                && edge.get().to() * NARROWEST < size.get().from()) {
            throw new Refused(
                    "bands",
                    "“Shadow edge” up to %.2f and “Size to distance” from %.2f cannot both be: a light so large throws no edge so hard"
                            .formatted(edge.get().to(), size.get().from()));
        }
    }

    private static Optional<Band> band(List<Band> bands, Aspect aspect) {
        return bands.stream().filter(band -> band.aspect() == aspect).findFirst();
    }

    /** What it asks for in one aspect. */
    public Optional<Band> band(Aspect aspect) {
        return band(bands, aspect);
    }
}
