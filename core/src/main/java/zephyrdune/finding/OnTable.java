package zephyrdune.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.fill.Fill;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.move.Lever;
import zephyrdune.move.Move;
import zephyrdune.move.Shaping;
import zephyrdune.pattern.CutLine;
import zephyrdune.picture.View;
import zephyrdune.readings.ReadingKind;
import zephyrdune.readings.Readings;
import zephyrdune.shadow.HeroShade;
import zephyrdune.table.Card;
import zephyrdune.table.Prop;
import zephyrdune.table.TableSet;

/** What the light does on the table that one would not want. The bounds are common practice, no published source. */
final class OnTable {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** A hero that gets this much less than the key gives looks shaded: a seventh of a stop. */
    private static final double SHADED = 0.1;

    private static final double STEP = 0.02;
    private static final double FARTHEST = 0.5;

    /** Places of the frame looked at, across and down. */
    private static final int COLUMNS = 13;

    private static final int ROWS = 9;

    /** Stops above the hero from which a place of the table draws the eye, and what is left of them after it was mended. */
    private static final double HOT = 1.3;

    private static final double MENDED = 1;

    /** A pattern of less contrast than this is hardly seen, and what mends it. */
    private static final double FAINT = 0.15;

    private static final double PLAIN = 0.5;

    /** Less than two to one between the two sides looks flat, and what mends it: stops. */
    private static final double FLAT = 1;

    private static final double SHAPED = 1.5;

    private static final double CUT = 0.9;

    private OnTable() {}

    static Stream<Finding> propShades(TableSet set) {
        Optional<HeroShade> worst = HeroShade.worst(set).filter(shade -> shade.share() > SHADED);
        if (worst.isEmpty()) {
            return Stream.empty();
        }
        int prop = worst.get().prop();
        double clock = set.light().clock();
        Optional<Trying.Found> aside = Stream.of(Math.PI / 2, -Math.PI / 2, Math.PI)
                .flatMap(turn -> Trying.first(
                        STEP,
                        FARTHEST,
                        by -> moved(set, prop, by * Math.sin(clock + turn), by * Math.cos(clock + turn)),
                        changed -> HeroShade.worst(changed)
                                .filter(shade -> shade.share() > SHADED / 2)
                                .isEmpty())
                        .stream())
                .min(Comparator.comparingDouble(Trying.Found::by));
        return Stream.of(Finding.of(
                Finding.Kind.PROP_SHADES_HERO,
                "props[%d].x".formatted(prop),
                "Prop %d stands in the hero's light and keeps %.0f %% of the key off it"
                        .formatted(prop + 1, 100 * worst.get().share()),
                aside.map(found -> "Move it aside by " + Trying.centimetres(found.by()))
                        .orElse(""),
                aside.map(Trying.Found::set)));
    }

    private static TableSet moved(TableSet set, int at, double dx, double dy) {
        List<Prop> props = new ArrayList<>(set.props());
        Prop prop = props.get(at);
        props.set(at, new Prop(prop.body(), prop.x() + dx, prop.y() + dy, prop.lift(), prop.turn()));
        return set.withProps(props);
    }

    /** The shadow of a whole card that lies in the frame, but for the soft end that a slit or a flag is there for. */
    static Stream<Finding> flagEdges(TableSet set) {
        for (int i = 0; i < set.cards().size(); i++) {
            Card card = set.cards().get(i);
            if (card.cut().any() || card.black() || !shades(set, i)) {
                continue;
            }
            int at = i;
            Optional<Trying.Found> out = Trying.first(
                    STEP,
                    FARTHEST,
                    by -> Cards.with(set, at, card.withDistance(card.distance() + by)),
                    changed -> !shades(changed, at));
            return Stream.of(Finding.of(
                    Finding.Kind.FLAG_EDGE_IN_FRAME,
                    "cards[%d].distance".formatted(i),
                    "The shadow of card %d falls into the frame".formatted(i + 1),
                    out.map(found -> "Move it out by " + Trying.centimetres(found.by()))
                            .orElse(""),
                    out.map(Trying.Found::set)));
        }
        return Stream.empty();
    }

    private static boolean shades(TableSet set, int card) {
        KeyLight open = KeyLight.open(set);
        KeyLight past = KeyLight.of(set.withCards(List.of(set.cards().get(card))));
        return framed(set).anyMatch(place -> past.at(place, UP) < CUT * open.at(place, UP));
    }

    /** Places of the table that the frame shows. */
    private static Stream<Vector3D> framed(TableSet set) {
        View view = View.of(set);
        List<Vector3D> places = new ArrayList<>();
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                Vector3D ray = view.ray(column / (COLUMNS - 1.0), row / (ROWS - 1.0));
                double length = -view.eye().getZ() / ray.getZ();
                Vector3D place = view.eye().add(ray.multiply(length));
                if (ray.getZ() < 0 && onTable(set, place)) {
                    places.add(place);
                }
            }
        }
        return places.stream();
    }

    private static boolean onTable(TableSet set, Vector3D place) {
        return place.getX() > -set.tableTop().left()
                && place.getX() < set.tableTop().right()
                && place.getY() > -set.tableTop().before()
                && place.getY()
                        < Math.min(set.tableTop().behind(), set.backdrop().distance());
    }

    static Stream<Finding> patternWipedOut(TableSet set) {
        KeyLight key = KeyLight.of(set);
        Optional<CutLine> line = CutLine.of(set, key).filter(found -> found.card() >= 0);
        if (line.isEmpty() || !set.cards().get(line.get().card()).cut().patterned()) {
            return Stream.empty();
        }
        double contrast = Readings.of(set, ReadingKind.PATTERN_CONTRAST).value().orElse(1);
        if (contrast >= FAINT) {
            return Stream.empty();
        }
        Optional<Move> nearer = Move.find(set, ReadingKind.PATTERN_CONTRAST, PLAIN, Lever.CUT_DISTANCE)
                .filter(move -> move.to() < line.get().cardToHero());
        Optional<Move> mended = nearer.or(() -> Move.find(set, ReadingKind.PATTERN_CONTRAST, PLAIN, Lever.FACE_SIZE));
        return Stream.of(Finding.of(
                Finding.Kind.PATTERN_WIPED_OUT,
                "cards[%d].distance".formatted(line.get().card()),
                "The light is too big for the pattern: its contrast is %.2f".formatted(contrast),
                mended.map(move -> (move.lever() == Lever.CUT_DISTANCE
                                        ? "Bring the card to %s from the hero"
                                        : "Make the light %s wide")
                                .formatted(Trying.centimetres(move.to())))
                        .orElse(""),
                mended.map(Move::set)));
    }

    static Stream<Finding> hotSpot(TableSet set) {
        double most = hottest(set);
        if (most < HOT) {
            return Stream.empty();
        }
        Optional<Trying.Found> back = Trying.first(
                2 * STEP,
                4,
                by -> Lever.LIGHT_DISTANCE.set(set, set.light().distance() + by),
                moved -> hottest(moved) < MENDED);
        return Stream.of(Finding.of(
                Finding.Kind.HOT_SPOT,
                "light.distance",
                "The table in the frame is up to %.1f stops brighter than the hero".formatted(most),
                back.map(found -> "Move the light back by " + Trying.centimetres(found.by()))
                        .orElse(""),
                back.map(Trying.Found::set)));
    }

    private static double hottest(TableSet set) {
        KeyLight key = KeyLight.of(set);
        return framed(set)
                .mapToDouble(place -> key.levelStops(place.getX(), place.getY(), 0))
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    static Stream<Finding> fillFlattens(TableSet set) {
        Optional<Integer> card = Shaping.fill(set);
        if (card.isEmpty()) {
            return Stream.empty();
        }
        double ratio = Fill.of(set).map(Fill::litToShadow).orElse(Double.NaN);
        if (!(ratio < FLAT)) {
            return Stream.empty();
        }
        Optional<Move> back = Move.find(set, ReadingKind.LIT_TO_SHADOW, SHAPED, Lever.CARD_DISTANCE);
        return Stream.of(Finding.of(
                Finding.Kind.FILL_FLATTENS,
                "cards[%d].distance".formatted(card.get()),
                "Lit side and shadow side are %.1f stops apart: the fill flattens the hero".formatted(ratio),
                back.map(move -> "Move the card to %s".formatted(Trying.centimetres(move.to())))
                        .orElse(""),
                back.map(Move::set)));
    }
}
