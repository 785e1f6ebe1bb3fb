package zephyrdune.light.chain;

import java.util.Optional;
import zephyrdune.set.light.Origin;

/**
 * One thing on the way of the light from the source to the face.
 *
 * @param title what it is called: of its kind, or for a stated loss what swallows it
 * @param field of the set that it is stated in, as a path in the core
 * @param loss of light in it, stops
 * @param across size after it, side to side, metres; 0 for a point
 * @param along size after it, bottom to top, metres
 * @param used share of that size that acts: 1 when it is even
 * @param spread full angle after it to half of the axial intensity, side to side, radians
 * @param origin of its numbers, where that is known
 */
public record Link(
        Kind kind,
        String title,
        String field,
        double loss,
        double across,
        double along,
        double used,
        double spread,
        Optional<Origin> origin) {

    Link(
            Kind kind,
            String field,
            double loss,
            double across,
            double along,
            double used,
            double spread,
            Optional<Origin> origin) {
        this(kind, kind.title(), field, loss, across, along, used, spread, origin);
    }

    Link called(String newTitle) {
        return new Link(kind, newTitle, field, loss, across, along, used, spread, origin);
    }

    /** What it is, and what it does. */
    public enum Kind {
        SOURCE("Source", "Where the light is made: a point as far as shadows go"),
        GEL("Gel", "Shifts or colours the light, and swallows what it does not let pass"),
        SPILL("Past the edge", "Light that misses the next thing. A nearer or zoomed-in source spills less"),
        LINING("Lining", "Sends on what misses the front; silver keeps more than white"),
        INNER_BAFFLE("Inner baffle", "Spreads the hot middle over more of the front, and takes light"),
        OUTER_BAFFLE("Outer baffle", "The face: as big as the box, as even as what reaches it"),
        BOARD("Board", "Sends back what it gets, with its colour; the lit patch is the light"),
        WALL("Wall", "Sends back what it gets, with its colour; the lit patch is the light"),
        PANEL("Panel", "As bright in each place as the light it gets: farther behind is bigger, more even and dimmer"),
        FACE("Face", "Filled as it is stated"),
        SWALLOWED("Swallowed", "A loss that is stated"),
        GRID("Grid", "Narrows the light, and is no softer for it"),
        SNOOT("Snoot", "A narrow pool of light with a soft rim, as hard as the head"),
        CAP(
                "Cap",
                "Spreads the light but makes it no larger: no softer in the open. Bright walls nearby send more of it back"),
        BEAM("Reflector", "Sends more forwards than to the sides");

        private final String title;
        private final String effect;

        Kind(String title, String effect) {
            this.title = title;
            this.effect = effect;
        }

        public String title() {
            return title;
        }

        public String effect() {
            return effect;
        }
    }
}
