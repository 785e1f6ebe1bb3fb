package zephyrdune.set.card;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Remembered;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The pattern cut into a card, and how it lies in the card's plane.
 *
 * @param turn counter-clockwise, seen from the card's front
 * @param right of the card's middle, along its width
 * @param up from the card's middle, along its height
 */
@RecordBuilder
public record Cut(
        Holes holes,

        @Within(min = -Math.PI, max = Math.PI, unit = Unit.RADIAN)
        double turn,

        @Within(min = -1.5, max = 1.5, unit = Unit.METRE) double right,
        @Within(min = -1.5, max = 1.5, unit = Unit.METRE) double up)
        implements CutBuilder.With {

    private static final Limits LIMITS = Limits.of(Cut.class);

    /** A whole card. */
    public static final Cut NONE = new Cut(new NoHoles(), 0, 0, 0);

    /** Card left round the pattern: of the shorter side, and at most, metres. */
    private static final double MARGIN = 0.05;

    private static final double WIDEST_MARGIN = 0.015;

    /** A pattern in a card of some size. */
    private record Cutting(Cut cut, double width, double height) {}

    /** Every answer about a set asks for the same pieces again. */
    private static final Remembered<Cutting, List<Piece>> PIECES = new Remembered<>(48);

    public Cut {
        Objects.requireNonNull(holes);
        LIMITS.require(turn, right, up);
    }

    /** As it comes from the library: straight, in the card's middle. */
    public static Cut of(Holes holes) {
        return new Cut(holes, 0, 0, 0);
    }

    /** Whether there is a pattern at all. */
    public boolean any() {
        return !(holes instanceof NoHoles);
    }

    /** Whether it throws a pattern of more than one patch. */
    public boolean patterned() {
        return any() && !(holes instanceof Slit);
    }

    /** The way on a card in which its pattern goes from dark to bright, a unit vector. */
    public Vector3D across(Card card) {
        double angle = turn + (holes.level() ? Math.PI / 2 : 0);
        return card.widthAxis().multiply(Math.cos(angle)).add(card.heightAxis().multiply(Math.sin(angle)));
    }

    /** Its pieces in the plane of a card: across and up from the card's middle. */
    public List<Piece> pieces(double width, double height) {
        return any() ? PIECES.get(new Cutting(this, width, height), () -> List.copyOf(cut(width, height))) : List.of();
    }

    private List<Piece> cut(double width, double height) {
        double reach = Math.hypot(width, height) / 2 + Math.hypot(right, up);
        double margin = holes.toTheEdge() ? 0 : Math.min(WIDEST_MARGIN, MARGIN * Math.min(width, height));
        double halfWidth = width / 2 - margin;
        double halfHeight = height / 2 - margin;
        Stream<Piece> placed = holes.pieces(width, height, reach).stream().map(piece -> piece.placed(turn, right, up));
        return (holes.standing() ? placed : placed.flatMap(piece -> piece.within(halfWidth, halfHeight).stream()))
                .toList();
    }
}
