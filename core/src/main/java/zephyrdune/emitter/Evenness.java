package zephyrdune.emitter;

/** How bright each place of a face is over its centre; places from -1 to 1 across and up. */
public interface Evenness {

    /** Equally bright all over. */
    Evenness EVEN = new Bell(0);

    double at(double across, double up);

    /** Whether it is 1 everywhere. */
    default boolean even() {
        return false;
    }

    /** Mean over a face of the brightness to a power. */
    default double mean(Outline outline, int power) {
        return FaceMean.of(this, outline, power);
    }
}
