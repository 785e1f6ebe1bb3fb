package zephyrdune.answers.move;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/**
 * One of the two moves that sharpen a thrown pattern, and what it changes.
 *
 * @param lever what is moved: the card towards the hero, or the light made smaller
 * @param set after it
 * @param metres where the lever is then
 */
public record Sharper(Lever lever, TableSet set, double metres, List<Change> changes) {

    private static final double NEARER = 0.6;
    private static final double SMALLER = 0.5;

    /** Of less contrast than this a pattern's edges run into each other. */
    private static final double WIPED_OUT = 0.5;

    private static final double NOTICED = 0.01;

    /** Those of the two moves that can be made and do sharpen it; none without a pattern. */
    public static List<Sharper> of(TableSet set) {
        List<Sharper> moves = new ArrayList<>();
        if (set.patterned()) {
            add(moves, set, Lever.CUT_DISTANCE, NEARER);
            add(moves, set, Lever.FACE_SIZE, SMALLER);
        }
        return moves;
    }

    /** By its own figures: less blur; of a pattern so wiped out that its edges say nothing, more contrast. */
    private boolean sharpens() {
        Change blur = changes.get(0);
        double before = changes.get(1).before().orElse(0);
        double after = changes.get(1).after().orElse(0);
        return before < WIPED_OUT
                ? after > before + NOTICED
                : after >= before - NOTICED
                        && blur.after().orElse(Double.POSITIVE_INFINITY)
                                < blur.before().orElse(0);
    }

    private static void add(List<Sharper> moves, TableSet set, Lever lever, double share) {
        try {
            double metres = lever.now(set).orElseThrow() * share;
            TableSet moved = lever.set(set, metres);
            Sharper move = new Sharper(
                    lever,
                    moved,
                    metres,
                    Change.between(
                            set,
                            moved,
                            ReadingKind.PATCH_BLUR,
                            ReadingKind.PATTERN_CONTRAST,
                            ReadingKind.PATCH_SIZE,
                            ReadingKind.POWER));
            if (move.sharpens()) {
                moves.add(move);
            }
        } catch (Refused impossible) {
            // the card would cut into the dish, or the light be too small: that move is not offered
        }
    }
}
