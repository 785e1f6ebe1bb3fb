package zephyrdune.light.emitter;

import java.util.Optional;

/** Parts of a face over each of which one can integrate smoothly. */
public interface SmoothPatches {

    int patches();

    /** The convex polygon that they fill, across and up in turn; absent where they fill a whole outline. */
    default Optional<double[]> polygon() {
        return Optional.empty();
    }

    /**
     * The place in a patch for two numbers from 0 to 1.
     *
     * @return area in the face's coordinates per unit of the two numbers
     */
    double patch(int index, double s, double t, double[] into);
}
