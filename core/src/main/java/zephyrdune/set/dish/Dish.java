package zephyrdune.set.dish;

import java.util.Comparator;
import java.util.List;

/**
 * A dish or product of a simple shape, in real size, that stands on its axis: as the hero at the hero point, or elsewhere as a
 * prop.
 */
public sealed interface Dish
        permits Plate,
                Bowl,
                Block,
                Drum,
                Stack,
                Tart,
                Custard,
                DrinkGlass,
                Bottle,
                Tin,
                Jar,
                Loaf,
                Heap,
                Biscuit,
                Cutlery,
                ServingBoard,
                Cloth,
                Cup,
                Gateau,
                Salad,
                Carton,
                Noodles,
                Sorbet,
                Rolls,
                FilledRoll,
                DropperBottle,
                SqueezeTube,
                Watch {

    /** Height above the table of the top that the exposure is set for, on the axis, in metres. */
    double top();

    /** The edges that can throw its shadow's outline, each a level outline round the axis. */
    List<Rim> rims();

    /** Height of the highest point, in metres. */
    default double height() {
        return rims().stream().mapToDouble(Rim::height).max().orElseThrow();
    }

    /** Height of the middle of its front, metres: of its label, where it has one. */
    default double front() {
        return height() / 2;
    }

    /** From its axis to its outline, seen from above, in the level direction (dx, dy), a unit vector. Metres. */
    default double out(double dx, double dy) {
        return widest(dx, dy).out(dx, dy);
    }

    /** The edge that is its outline, seen from above, in the level direction (dx, dy). */
    default Rim widest(double dx, double dy) {
        return rims().stream()
                .max(Comparator.comparingDouble(rim -> rim.out(dx, dy)))
                .orElseThrow();
    }

    /** Radius of the smallest upright cylinder round the axis that holds the dish, in metres. */
    default double radius() {
        return rims().stream().mapToDouble(Rim::outermost).max().orElseThrow();
    }
}
