package zephyrdune.answers.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.fill.Fill;
import zephyrdune.answers.move.Lever;
import zephyrdune.answers.move.Move;
import zephyrdune.answers.move.Shaping;
import zephyrdune.answers.move.SoftSun;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.answers.shadow.HeroShade;
import zephyrdune.answers.shadow.SeenShade;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.pattern.CutLine;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BroadBase;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Stops;

/** What the light does on the table that one would not want. The bounds are common practice, no published source. */
final class OnTable {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** A hero that gets this much less than the key gives looks shaded: a seventh of a stop. */
    private static final double SHADED = 0.1;

    /** And so does one of which this much of what is seen lies in shade. */
    private static final double SHADED_PART = 0.12;

    private static final double STEP = 0.02;
    private static final double FARTHEST = 0.5;
    private static final double FARTHEST_BASE = 5;

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

    /** A base light that stands between the key and the hero. */
    static Optional<Spoiled> baseShades(Inspection scene) {
        TableSet set = scene.set;
        if (!(set.base() instanceof BroadBase base)) {
            return Optional.empty();
        }
        double kept = SoftSun.kept(set, base);
        return kept <= SHADED
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.BASE_IN_THE_WAY,
                        "base.distance",
                        "The base light stands in the key's way and keeps %.0f %% of it off the hero"
                                .formatted(100 * kept),
                        () -> Trying.first(
                                        STEP,
                                        FARTHEST_BASE,
                                        by -> set.withBase(base.withDistance(base.distance() + by)),
                                        moved -> SoftSun.kept(moved, (BroadBase) moved.base()) < SHADED / 2)
                                .map(found ->
                                        new Mend("Move the base back by " + Lengths.words(found.by()), found.set()))));
    }

    static Optional<Spoiled> propShades(Inspection scene) {
        TableSet set = scene.set;
        return HeroShade.worst(set)
                .filter(shade -> shade.share() > SHADED)
                .map(shade -> shadedBy(
                        set,
                        shade.prop(),
                        "Prop %d stands in the hero's light and keeps %.0f %% of the key off it"
                                .formatted(shade.prop() + 1, 100 * shade.share())))
                .or(() -> SeenShade.ofProps(set)
                        .filter(shade -> shade.part() > SHADED_PART)
                        .map(shade -> shadedBy(
                                set,
                                shade.number(),
                                "Prop %d throws its shade on %.0f %% of what is seen of the hero"
                                        .formatted(shade.number() + 1, 100 * shade.part()))));
    }

    private static Spoiled shadedBy(TableSet set, int prop, String words) {
        return new Spoiled(Finding.Kind.PROP_SHADES_HERO, "props[%d].x".formatted(prop), words, () -> aside(set, prop));
    }

    /** A card that is there to fill and stands in the light instead. */
    static Optional<Spoiled> cardShades(Inspection scene) {
        TableSet set = scene.set;
        return SeenShade.ofCards(set)
                .filter(shade -> shade.part() > SHADED_PART)
                .map(shade -> {
                    int at = shade.number();
                    Card card = set.cards().get(at);
                    return new Spoiled(
                            Finding.Kind.CARD_SHADES_HERO,
                            "cards[%d].distance".formatted(at),
                            "Card %d throws its shade on %.0f %% of what is seen of the hero"
                                    .formatted(at + 1, 100 * shade.part()),
                            () -> Trying.first(
                                            STEP,
                                            FARTHEST,
                                            by -> Cards.with(set, at, card.withDistance(card.distance() + by)),
                                            moved -> SeenShade.ofCards(moved)
                                                    .filter(left -> left.part() > SHADED_PART / 2)
                                                    .isEmpty())
                                    .map(found ->
                                            new Mend("Move it out by " + Lengths.words(found.by()), found.set())));
                });
    }

    private static Optional<Mend> aside(TableSet set, int prop) {
        double clock = set.light().clock();
        return Stream.of(Math.PI / 2, -Math.PI / 2, Math.PI)
                .flatMap(turn -> Trying.first(
                        STEP,
                        FARTHEST,
                        by -> moved(set, prop, by * Math.sin(clock + turn), by * Math.cos(clock + turn)),
                        OnTable::unshaded)
                        .stream())
                .min(Comparator.comparingDouble(Trying.Found::by))
                .map(found -> new Mend("Move it aside by " + Lengths.words(found.by()), found.set()));
    }

    private static boolean unshaded(TableSet set) {
        return HeroShade.worst(set).filter(shade -> shade.share() > SHADED / 2).isEmpty()
                && SeenShade.ofProps(set)
                        .filter(shade -> shade.part() > SHADED_PART / 2)
                        .isEmpty();
    }

    private static TableSet moved(TableSet set, int at, double dx, double dy) {
        List<Prop> props = new ArrayList<>(set.props());
        Prop prop = props.get(at);
        props.set(at, new Prop(prop.body(), prop.x() + dx, prop.y() + dy, prop.lift(), prop.turn()));
        return set.withProps(props);
    }

    /** The shadow of a whole card that lies in the frame, but for the soft end that a slit or a flag is there for. */
    static Optional<Spoiled> flagEdges(Inspection scene) {
        TableSet set = scene.set;
        KeyLight open = KeyLight.open(set);
        return IntStream.range(0, set.cards().size())
                .filter(at -> !set.cards().get(at).cut().any()
                        && !set.cards().get(at).black()
                        && shades(scene, open, set.cards().get(at)))
                .boxed()
                .findFirst()
                .map(at -> new Spoiled(
                        Finding.Kind.FLAG_EDGE_IN_FRAME,
                        "cards[%d].distance".formatted(at),
                        "The shadow of card %d falls into the frame".formatted(at + 1),
                        () -> {
                            Card card = set.cards().get(at);
                            return Trying.first(
                                            STEP,
                                            FARTHEST,
                                            by -> Cards.with(set, at, card.withDistance(card.distance() + by)),
                                            changed -> !shades(
                                                    scene, open, changed.cards().get(at)))
                                    .map(found -> new Mend("Move it out by " + Lengths.words(found.by()), found.set()));
                        }));
    }

    private static boolean shades(Inspection scene, KeyLight open, Card card) {
        KeyLight past = KeyLight.past(scene.set, Cutters.of(card.panels()));
        return scene.framed().stream().anyMatch(place -> past.at(place, UP) < CUT * open.at(place, UP));
    }

    static Optional<Spoiled> patternWipedOut(Inspection scene) {
        TableSet set = scene.set;
        Optional<CutLine> line =
                CutLine.of(set, scene.key).filter(found -> found.card().isPresent());
        if (line.isEmpty()) {
            return Optional.empty();
        }
        int card = line.get().card().getAsInt();
        if (!set.cards().get(card).cut().patterned()) {
            return Optional.empty();
        }
        double contrast = Readings.of(set, ReadingKind.PATTERN_CONTRAST).value().orElse(1);
        return contrast >= FAINT
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.PATTERN_WIPED_OUT,
                        "cards[%d].distance".formatted(card),
                        "The light is too big for the pattern: its contrast is %.2f".formatted(contrast),
                        () -> sharper(set, line.get())));
    }

    private static Optional<Mend> sharper(TableSet set, CutLine line) {
        return Move.find(set, ReadingKind.PATTERN_CONTRAST, PLAIN, Lever.CUT_DISTANCE)
                .filter(move -> move.to() < line.cardToHero())
                .map(move ->
                        new Mend("Bring the card to %s from the hero".formatted(Lengths.words(move.to())), move.set()))
                .or(() -> Move.find(set, ReadingKind.PATTERN_CONTRAST, PLAIN, Lever.FACE_SIZE)
                        .map(move ->
                                new Mend("Make the light %s wide".formatted(Lengths.words(move.to())), move.set())));
    }

    static Optional<Spoiled> hotSpot(Inspection scene) {
        TableSet set = scene.set;
        double most = hottest(scene);
        return most < HOT
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.HOT_SPOT,
                        "light.distance",
                        "The table in the frame is up to %.1f stops brighter than the hero".formatted(most),
                        () -> Trying.first(
                                        2 * STEP,
                                        4,
                                        by -> Lever.LIGHT_DISTANCE.set(
                                                set, set.light().distance() + by),
                                        moved -> hottest(new Inspection(moved)) < MENDED)
                                .map(found ->
                                        new Mend("Move the light back by " + Lengths.words(found.by()), found.set()))));
    }

    private static double hottest(Inspection scene) {
        KeyLight key = scene.key;
        return scene.framed().stream()
                .mapToDouble(place -> key.patterned()
                        ? Stops.between(key.openAt(place, UP), key.openAt(key.hero(), UP))
                        : key.levelStops(place.getX(), place.getY(), 0))
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    static Optional<Spoiled> fillFlattens(Inspection scene) {
        TableSet set = scene.set;
        Optional<Integer> card = Shaping.fill(set);
        if (card.isEmpty()) {
            return Optional.empty();
        }
        double ratio = Fill.of(set, scene.key).map(Fill::litToShadow).orElse(Double.NaN);
        return !(ratio < FLAT)
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.FILL_FLATTENS,
                        "cards[%d].distance".formatted(card.get()),
                        "Lit side and shadow side are %.1f stops apart: the fill flattens the hero".formatted(ratio),
                        () -> Move.find(set, ReadingKind.LIT_TO_SHADOW, SHAPED, Lever.CARD_DISTANCE)
                                .map(move -> new Mend(
                                        "Move the card to %s".formatted(Lengths.words(move.to())), move.set()))));
    }
}
