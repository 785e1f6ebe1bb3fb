package zephyrdune.light.emitter;

/** Parts of a face over each of which one can integrate smoothly. */
public interface SmoothPatches {

    int patches();

    /**
     * The place in a patch for two numbers from 0 to 1.
     *
     * @return area in the face's coordinates per unit of the two numbers
     */
    double patch(int index, double s, double t, double[] into);
}
