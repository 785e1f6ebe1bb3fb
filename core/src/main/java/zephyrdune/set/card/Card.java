package zephyrdune.set.card;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A rectangular board that stands or is held near the table: it fills with the light it sends back, cuts light off, or throws the
 * pattern that is cut into it. Both sides are alike.
 *
 * @param clock where its middle is, seen from above: 12 o'clock is +y, 3 is +x
 * @param distance of its middle from the hero point, level
 * @param lift of its lower edge above the table
 * @param turn away from facing the hero, counter-clockwise seen from above
 * @param lean back from upright, away from the hero
 * @param bend by which its two halves are folded towards the hero, about its upright middle line; 0 is flat
 */
@RecordBuilder
public record Card(
        Surface surface,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double width,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double height,

        @Within(min = 0, max = 2 * Math.PI, unit = Unit.CLOCK_RADIAN)
        double clock,

        @Within(min = 0.02, max = 5, unit = Unit.METRE) double distance,
        @Within(min = 0, max = 4, unit = Unit.METRE) double lift,

        @Within(min = -Math.PI / 2, max = Math.PI / 2, unit = Unit.RADIAN)
        double turn,

        @Within(min = -Math.PI / 2, max = Math.PI / 2, unit = Unit.RADIAN)
        double lean,

        @Within(min = 0, max = Card.MOST_BENT, unit = Unit.RADIAN)
        double bend,

        Cut cut)
        implements CardBuilder.With {

    /** The halves of a card are not folded further than this. */
    static final double MOST_BENT = 5 * Math.PI / 6;

    /** Below this reflectance a card takes light away. */
    private static final double BLACK = 0.1;

    private static final Limits LIMITS = Limits.of(Card.class);

    public Card {
        LIMITS.require(width, height, clock, distance, lift, turn, lean, bend);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(cut);
        if (bend > 0 && cut.any()) {
            throw new Refused("bend", "A card with a pattern stays flat; straighten it, or use a whole card");
        }
    }

    /** Flat, and whole. */
    public Card(
            Surface surface,
            double width,
            double height,
            double clock,
            double distance,
            double lift,
            double turn,
            double lean) {
        this(surface, width, height, clock, distance, lift, turn, lean, 0, Cut.NONE);
    }

    /** Whether it is so dark that it takes light away. */
    public boolean black() {
        return surface.luminous() < BLACK;
    }

    /** Along its width, a level unit vector. */
    public Vector3D widthAxis() {
        double facing = clock - turn;
        return Vector3D.of(-Math.cos(facing), Math.sin(facing), 0);
    }

    /** Along its height, a unit vector pointing upwards. */
    public Vector3D heightAxis() {
        double facing = clock - turn;
        return Vector3D.of(Math.sin(facing) * Math.sin(lean), Math.cos(facing) * Math.sin(lean), Math.cos(lean));
    }

    /** Its middle, metres from the hero point; of a bent card the middle of the fold. */
    public Vector3D centre() {
        return Vector3D.of(Math.sin(clock) * distance, Math.cos(clock) * distance, lift + height / 2 * Math.cos(lean));
    }

    /** The flat parts it is made of: itself, or two wings. */
    public List<Panel> panels() {
        return cut.any()
                ? List.of(new Panel(
                        centre(),
                        widthAxis(),
                        heightAxis(),
                        width / 2,
                        height / 2,
                        cut.pieces(width, height),
                        cut.holes().standing()))
                : boards();
    }

    /** The same without the pattern that may be cut into it. */
    private List<Panel> boards() {
        Vector3D across = widthAxis();
        Vector3D up = heightAxis();
        return bend == 0
                ? List.of(Panel.whole(centre(), across, up, width / 2, height / 2))
                : List.of(wing(across, up, -1), wing(across, up, 1));
    }

    private Panel wing(Vector3D across, Vector3D up, int side) {
        Vector3D front = up.cross(across);
        double half = bend / 2;
        Vector3D along = across.multiply(Math.cos(half)).add(front.multiply(side * Math.sin(half)));
        return Panel.whole(centre().add(along.multiply(side * width / 4)), along, up, width / 4, height / 2);
    }

    /** Corners of its parts, metres from the hero point. */
    public List<List<Vector3D>> outlines() {
        return boards().stream().map(Panel::corners).toList();
    }

    public Card withSize(double newWidth, double newHeight) {
        return with(card -> card.width(newWidth).height(newHeight));
    }

    public Card withPlace(double newClock, double newDistance, double newLift) {
        return with(card -> card.clock(newClock).distance(newDistance).lift(newLift));
    }

    public Card facing(double newTurn, double newLean) {
        return with(card -> card.turn(newTurn).lean(newLean));
    }
}
