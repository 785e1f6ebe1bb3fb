package zephyrdune.answers.move;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import zephyrdune.answers.readings.ReadingGroup;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Slit;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Strip;
import zephyrdune.set.room.Backdrop;

/** The one thing that is changed to reach a wanted reading. */
public enum Lever {
    /** Distance of the light from its aim point, along its present direction. */
    LIGHT_DISTANCE(0.05, 10, set -> Optional.of(set.light().distance())) {
        @Override
        public TableSet set(TableSet set, double metres) {
            return set.withLight(set.light().withDistance(metres));
        }
    },
    /** Size of the face, both ways alike; as its width. */
    FACE_SIZE(0.02, 3, set -> Optional.of(set.light().face().across())) {
        @Override
        public TableSet set(TableSet set, double metres) {
            Light light = set.light();
            return set.withLight(
                    light.withFace(scaled(light.face(), metres / light.face().across())));
        }
    },
    /** Distance of the backdrop behind the hero. */
    BACKDROP_DISTANCE(0.1, 10, set -> Optional.of(set.backdrop().distance())) {
        @Override
        public TableSet set(TableSet set, double metres) {
            Backdrop old = set.backdrop();
            return set.withBackdrop(new Backdrop(metres, old.width(), old.height(), old.surface()));
        }
    },
    /** Distance from the hero of the card that fills: the one most nearly opposite the light. */
    CARD_DISTANCE(
            0.02, 5, set -> Shaping.fill(set).map(at -> set.cards().get(at).distance())) {
        @Override
        public TableSet set(TableSet set, double metres) {
            return Shaping.changed(set, Shaping.fill(set).orElseThrow(), card -> card.withDistance(metres));
        }
    },
    /** Size of the card that fills, both ways alike; as its width. */
    CARD_SIZE(0.02, 3, set -> Shaping.fill(set).map(at -> set.cards().get(at).width())) {
        @Override
        public TableSet set(TableSet set, double metres) {
            return Shaping.changed(
                    set,
                    Shaping.fill(set).orElseThrow(),
                    card -> card.withSize(metres, card.height() * metres / card.width()));
        }
    },
    /** Gap of the slit. */
    SLIT_GAP(0.001, 1, set -> Shaping.slit(set).map(at -> Shaping.gap(set, at))) {
        @Override
        public TableSet set(TableSet set, double metres) {
            return Shaping.changed(
                    set,
                    Shaping.slit(set).orElseThrow(),
                    card -> card.withCut(card.cut().withHoles(new Slit(metres))));
        }
    },
    /** Distance from the hero's top of the card that cuts the light, along the light's way; what it throws stays where it is. */
    CUT_DISTANCE(0.02, 5, set -> Shaping.cut(set).map(at -> Shaping.distance(set, at))) {
        @Override
        public TableSet set(TableSet set, double metres) {
            int at = Shaping.cut(set).orElseThrow();
            return Shaping.changed(set, at, card -> Shaping.moved(set, card, metres));
        }
    };

    /** The levers that move a reading, the usual one first. */
    public static List<Lever> of(ReadingKind kind) {
        if (ReadingGroup.of(kind) == ReadingGroup.SOFTNESS && kind != ReadingKind.FACE_IN_USE) {
            return List.of(LIGHT_DISTANCE, FACE_SIZE);
        }
        return switch (kind) {
            case FALL_OFF_HERO, FALL_OFF_FRAME, POWER -> List.of(LIGHT_DISTANCE);
            case BACKDROP_LEVEL, BACKDROP_TONE -> List.of(BACKDROP_DISTANCE, LIGHT_DISTANCE);
            case LIT_TO_SHADOW, CARD_LIFT -> List.of(CARD_DISTANCE, CARD_SIZE);
            case STRIP_FULL, STRIP_HALF -> List.of(SLIT_GAP, CUT_DISTANCE);
            case STRIP_EDGE, PATCH_BLUR, PATTERN_CONTRAST, PATCH_SIZE ->
                List.of(CUT_DISTANCE, FACE_SIZE, LIGHT_DISTANCE);
            default -> List.of();
        };
    }

    private final double least;
    private final double most;
    private final Function<TableSet, Optional<Double>> now;

    Lever(double least, double most, Function<TableSet, Optional<Double>> now) {
        this.least = least;
        this.most = most;
        this.now = now;
    }

    /** The least that is tried, metres. */
    public double least() {
        return least;
    }

    /** The most that is tried, metres. */
    public double most() {
        return most;
    }

    /** Where it stands, metres, in a set that has it. */
    public Optional<Double> now(TableSet set) {
        return now.apply(set);
    }

    /**
     * The set with the lever somewhere else.
     *
     * @throws zephyrdune.units.measure.Refused where that cannot be
     */
    public abstract TableSet set(TableSet set, double metres);

    private static Face scaled(Face face, double by) {
        if (face instanceof Rectangle rectangle) {
            return new Rectangle(rectangle.width() * by, rectangle.height() * by);
        } else if (face instanceof Strip strip) {
            return new Strip(strip.length() * by, strip.breadth() * by, strip.stance());
        } else if (face instanceof Octagon octagon) {
            return new Octagon(octagon.acrossFlats() * by);
        }
        return new Disc(((Disc) face).diameter() * by);
    }
}
