package zephyrdune.answers.photograph;

import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.answers.readings.Wording;
import zephyrdune.set.look.Aspect;
import zephyrdune.units.measure.Unit;

/**
 * One thing that a photograph tells of its light.
 *
 * @param note what it was told by, or why it is not told
 */
public record PhotographLine(Kind kind, Optional<Estimate> estimate, String note) {

    /** What a photograph may tell, as readings and looks measure it. */
    public enum Kind {
        CLOCK("Light from", Unit.CLOCK_RADIAN, Aspect.DIRECTION, null),
        HEIGHT("Light's height", Unit.RADIAN, Aspect.HEIGHT, null),
        DISTANCE("Light's distance", Unit.METRE, null, null),
        SIZE("Size to distance", Unit.RATIO, Aspect.SIZE, null),
        EDGE("Edge to height", Unit.RATIO, Aspect.EDGE, Wording.EDGE),
        SHADOW_DEPTH("Shadow depth", Unit.STOP, Aspect.SHADOW_DEPTH, Wording.SHADOW),
        CONTRAST("Lit side to shadow side", Unit.STOP, Aspect.CONTRAST, Wording.CONTRAST),
        BACKDROP("Background", Unit.STOP, Aspect.BACKDROP, Wording.BACKDROP),
        SHADE_TINT("Tint of the shade", Unit.MIRED, Aspect.SHADE_TINT, null),
        HIGHLIGHT("Highlight at", Unit.CLOCK_RADIAN, Aspect.HIGHLIGHT, null);

        private final String title;
        private final Unit unit;
        private final Aspect aspect;
        private final Wording wording;

        Kind(String title, Unit unit, Aspect aspect, Wording wording) {
            this.title = title;
            this.unit = unit;
            this.aspect = aspect;
            this.wording = wording;
        }

        public String title() {
            return title;
        }

        public Unit unit() {
            return unit;
        }

        /** The aspect of a look that it speaks of. */
        public Optional<Aspect> aspect() {
            return Optional.ofNullable(aspect);
        }
    }

    /** Photographers' word for it, where there is one. */
    public String word() {
        return estimate.isPresent() && kind.wording != null
                ? kind.wording.of(estimate.get().value())
                : "";
    }

    /** As a look measures it: directions to either side of 12 o'clock. */
    OptionalDouble inLook() {
        if (estimate.isEmpty()) {
            return OptionalDouble.empty();
        }
        double value = estimate.get().value();
        return OptionalDouble.of(kind.unit == Unit.CLOCK_RADIAN ? Math.abs(value) : value);
    }
}
