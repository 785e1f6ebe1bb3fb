package zephyrdune.light.emitter;

import java.util.List;

/** How bright each place of a face is over its centre; places from -1 to 1 across and up. */
public interface Evenness {

    /** Equally bright all over. */
    Evenness EVEN = new Gaussian(0);

    double at(double across, double up);

    /** Whether it is 1 everywhere. */
    default boolean even() {
        return false;
    }

    /** What it is made of: smooth over the patches of each. They add up. */
    default List<SmoothPart> parts(Outline outline) {
        return List.of(new SmoothPart(outline, this));
    }

    /** Share of the face that would give as much light were it as bright all over as it is weighted by its own light. */
    default double usedShare(Outline outline) {
        double mean = mean(outline, 1);
        return mean * mean / mean(outline, 2);
    }

    /** Mean over a face of the brightness to a power, 1 or 2. */
    default double mean(Outline outline, int power) {
        return FaceMean.of(this, outline, power);
    }
}
