package zephyrdune.answers.next;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import zephyrdune.answers.fill.Fill;
import zephyrdune.answers.look.Fit;
import zephyrdune.answers.move.CardPlace;
import zephyrdune.answers.move.Shaping;
import zephyrdune.answers.move.SlitPlacing;
import zephyrdune.answers.move.SoftSun;
import zephyrdune.answers.move.UsualCards;
import zephyrdune.answers.next.Means.Pin;
import zephyrdune.answers.next.NextMove.Kind;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.card.Card;
import zephyrdune.set.kit.Board;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoBase;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.NamedLook;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.ClockWords;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Stops;

/** The single changes of a set that can be tried with the means at hand. Their steps are common practice. */
final class Trials {

    private static final double QUARTER_HOUR = Math.PI / 24;
    private static final double FIVE_DEGREES = Math.PI / 36;
    private static final double RATIO = 1.12;
    private static final double CENTIMETRE = 0.01;
    private static final double THIRD = 1.0 / 3;

    /** Of shapers and boards so many are looked at in full. */
    private static final int FEW = 3;

    /** A board where nobody has one. */
    private static final double BOARD = 0.3;

    private final TableSet set;
    private final NamedLook look;
    private final Fit now;
    private final Means means;

    /** @param now where the set lies in the look's bands */
    Trials(TableSet set, NamedLook look, Fit now, Means means) {
        this.set = set;
        this.look = look;
        this.now = now;
        this.means = means;
    }

    /** What can be changed by degrees. */
    List<Slide> slides() {
        List<Slide> slides = new ArrayList<>();
        if (free(Pin.LIGHT_PLACE) && !(set.light().filling() instanceof OffRoom)) {
            slides.add(new Slide(4, 24, this::turned));
            slides.add(new Slide(2, 16, this::raised));
            slides.add(new Slide(2, 12, this::nearer));
        }
        if (free(Pin.CARDS)) {
            for (int card = 0; card < set.cards().size(); card++) {
                int at = card;
                slides.add(new Slide(2, 8, steps -> cardNearer(at, steps)));
            }
        }
        if (asked(Aspect.BACKDROP)) {
            slides.add(new Slide(2, 10, this::backdrop));
        }
        if (free(Pin.CAMERA) && asked(Aspect.BIAS)) {
            slides.add(new Slide(1, 9, this::bias));
        }
        return slides;
    }

    /** What is changed at one stroke. */
    List<Supplier<Optional<Trial>>> singles() {
        List<Supplier<Optional<Trial>>> singles = new ArrayList<>();
        if (free(Pin.SHAPER)) {
            shapers().forEach(trial -> singles.add(() -> Optional.of(trial)));
        }
        if (free(Pin.CARDS)) {
            for (int card = 0; card < set.cards().size(); card++) {
                int at = card;
                singles.add(() -> without(at));
            }
            boards().forEach(board -> singles.add(() -> filled(board)));
            if (look.band(Aspect.PATTERN).filter(band -> band.from() > 0).isPresent()) {
                singles.add(this::holed);
            }
            boolean dark =
                    look.band(Aspect.BACKDROP).filter(band -> band.to() < 0).isPresent();
            if (means.schools().smallPool() == Schools.SmallPool.CUT_LARGE && (dark || now.shade() < 0)) {
                singles.add(this::slit);
            }
        }
        if (means.schools().lights() == Schools.Lights.WITH_BASE) {
            singles.add(this::based);
        }
        if (means.schools().roomLight() == Schools.RoomLight.BURIED) {
            singles.add(this::darkened);
        } else if (free(Pin.CAMERA)) {
            singles.add(this::roomLetIn);
        }
        return singles;
    }

    private boolean free(Pin pin) {
        return !means.pinned().contains(pin)
                && !(pin == Pin.CAMERA && means.schools().afterFirstFrame() == Schools.AfterFirstFrame.CAMERA_STAYS);
    }

    private boolean asked(Aspect aspect) {
        return look.band(aspect).isPresent();
    }

    private Optional<Trial> turned(int steps) {
        double at = Math.rint(set.light().clock() / QUARTER_HOUR) * QUARTER_HOUR + steps * QUARTER_HOUR;
        double clock = (at % (2 * Math.PI) + 2 * Math.PI) % (2 * Math.PI);
        return light(
                Kind.TURN, "Light round to " + ClockWords.of(clock), set.light().withClock(clock));
    }

    private Optional<Trial> raised(int steps) {
        double angle = Math.rint(set.light().heightAngle() / FIVE_DEGREES) * FIVE_DEGREES + steps * FIVE_DEGREES;
        if (angle < 0 || angle > Math.PI / 2) {
            return Optional.empty();
        }
        return light(
                Kind.HEIGHT,
                "%s light to %.0f°".formatted(steps > 0 ? "Raise" : "Lower", Math.toDegrees(angle)),
                set.light().withHeightAngle(angle));
    }

    private Optional<Trial> nearer(int steps) {
        double metres = whole(set.light().distance() * Math.pow(RATIO, steps));
        return Trial.of(
                Kind.DISTANCE,
                "Light %s to %s".formatted(steps > 0 ? "back" : "in", Lengths.words(metres)),
                () -> set.withLight(set.light().withDistance(metres)));
    }

    private Optional<Trial> light(Kind kind, String action, Light light) {
        return Trial.of(kind, action, () -> set.withLight(light));
    }

    private static double whole(double metres) {
        return Math.max(CENTIMETRE, Math.rint(metres / CENTIMETRE) * CENTIMETRE);
    }

    private Optional<Trial> cardNearer(int at, int steps) {
        Card card = set.card(at);
        double metres = whole(card.distance() * Math.pow(RATIO, steps));
        return Trial.of(
                Kind.CARD_DISTANCE,
                "Card %d %s to %s".formatted(at + 1, steps > 0 ? "out" : "in", Lengths.words(metres)),
                () -> Shaping.changed(set, at, each -> each.withDistance(metres)));
    }

    private Optional<Trial> without(int at) {
        return Trial.of(Kind.CARD_OUT, "Take card %d away".formatted(at + 1), () -> {
            List<Card> cards = new ArrayList<>(set.cards());
            cards.remove(at);
            return set.withCards(cards);
        });
    }

    /** The boards of the kit that may be stood opposite the light; a white and a black one where the kit has none. */
    private List<Board> boards() {
        List<Board> owned = means.kit().boards();
        List<Board> all = owned.isEmpty()
                ? List.of(
                        new Board("White card", Surface.WHITE_PAPER, BOARD, BOARD),
                        new Board("Black card", Surface.BLACK_PAPER, BOARD, BOARD))
                : owned;
        boolean filled = set.cards().stream().anyMatch(card -> Fill.fills(set, card));
        // the largest of each kind: a smaller one is a larger one farther away
        return filled
                ? List.of()
                : all.stream()
                        .filter(this::wanted)
                        .sorted(Comparator.comparingDouble((Board board) -> -board.width() * board.height()))
                        .filter(onePer(Board::surface))
                        .limit(FEW)
                        .toList();
    }

    /** Whether the shade asks for a board, or it is somebody's habit to fill. */
    private boolean wanted(Board board) {
        boolean black = UsualCards.of(board).black();
        boolean habit = means.schools().fill() == Schools.Fill.BY_HABIT;
        return black ? now.shade() < 0 : habit || now.shade() > 0;
    }

    private static <T> Predicate<T> onePer(Function<T, Object> kind) {
        Set<Object> seen = new HashSet<>();
        return each -> seen.add(kind.apply(each));
    }

    private Optional<Trial> filled(Board board) {
        String habit = now.shade() > 0 || UsualCards.of(board).black() ? "" : ", as you fill by habit";
        return Trial.of(
                Kind.CARD_IN,
                board.name() + " in, opposite the light" + habit,
                () -> UsualCards.added(set, UsualCards.of(board), CardPlace.OUT_OF_FRAME));
    }

    private Optional<Trial> holed() {
        if (set.patterned()) {
            return Optional.empty();
        }
        return Trial.of(
                Kind.CUT,
                "Hole card in, half way to the light",
                () -> UsualCards.added(set, UsualCards.holed(), CardPlace.IN_THE_WAY));
    }

    private Optional<Trial> slit() {
        return set.patterned()
                ? Optional.empty()
                : SlitPlacing.of(set, SlitPlacing.DARK)
                        .map(found -> new Trial(
                                Kind.CUT, "Two boards in, " + Lengths.words(found.gap()) + " apart", found.set()));
    }

    /** Those shapers that come nearest to the look by geometry alone. */
    private List<Trial> shapers() {
        record Judged(Trial trial, double missed) {}
        return Cancellation.onAllCores(
                        means.kit().shapers(),
                        shaper ->
                                shaped(shaper).map(trial -> new Judged(trial, Fit.missedByGeometry(trial.set(), look))))
                .stream()
                .flatMap(Optional::stream)
                .sorted(Comparator.comparingDouble(Judged::missed))
                .limit(FEW)
                .map(Judged::trial)
                .toList();
    }

    private Optional<Trial> shaped(Shaper shaper) {
        return Trial.of(Kind.SHAPER, shaper.name() + " on the light", () -> set.withLight(shaper.on(set.light())))
                .filter(trial -> !trial.set().light().equals(set.light()));
    }

    private Optional<Trial> based() {
        return set.base() instanceof NoBase
                ? Trial.of(Kind.BASE, "Broad base in, one stop under", () -> SoftSun.on(set))
                : Trial.of(Kind.BASE, "Switch the base off", () -> set.withBase(new NoBase()));
    }

    private Optional<Trial> backdrop(int steps) {
        Backdrop old = set.backdrop();
        double metres = whole(old.distance() * Math.pow(RATIO, steps));
        return Trial.of(
                Kind.BACKDROP,
                "Background %s to %s".formatted(steps > 0 ? "back" : "in", Lengths.words(metres)),
                () -> set.withBackdrop(new Backdrop(metres, old.width(), old.height(), old.surface())));
    }

    private Optional<Trial> bias(int steps) {
        double bias = Math.rint(set.exposure().bias() / THIRD + steps) * THIRD;
        return Trial.of(
                Kind.CAMERA,
                "Expose %+.1f stops".formatted(bias),
                () -> set.withExposure(set.exposure().withBias(bias)));
    }

    /** Lamps off, blinds down: about two stops, as blinds give. */
    private Optional<Trial> darkened() {
        Ambient ambient = set.ambient();
        return ambient.illuminance() == 0
                ? Optional.empty()
                : Trial.of(
                        Kind.ROOM,
                        "Room two stops darker: lamps off, blinds down",
                        () -> set.withAmbient(ambient.withIlluminance(ambient.illuminance() / Stops.ratio(2))));
    }

    private Optional<Trial> roomLetIn() {
        Exposure exposure = set.exposure();
        return set.light().source().flash()
                ? Trial.of(
                        Kind.ROOM,
                        "Shutter a stop longer: more of the room",
                        () -> set.withExposure(
                                exposure.withShutter(MarkedScale.SHUTTER.changed(exposure.shutter(), 2))))
                : Optional.empty();
    }
}
