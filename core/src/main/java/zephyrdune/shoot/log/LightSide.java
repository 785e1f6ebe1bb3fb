package zephyrdune.shoot.log;

import java.util.Arrays;
import java.util.Comparator;

/** Where a light comes from, as people say it, seen from the camera. */
public enum LightSide {
    BACK("back", 12),
    BACK_RIGHT("back right", 1.5),
    RIGHT("right", 3),
    FRONT_RIGHT("front right", 4.5),
    FRONT("front", 6),
    FRONT_LEFT("front left", 7.5),
    LEFT("left", 9),
    BACK_LEFT("back left", 10.5),
    /** From so high that it has no side. */
    ABOVE("above", Double.NaN);

    /** From higher up than that a light comes from above, radians. */
    private static final double HIGH = Math.toRadians(75);

    private static final double HOURS = 12;

    private final String word;
    private final double hours;

    LightSide(String word, double hours) {
        this.word = word;
        this.hours = hours;
    }

    public String word() {
        return word;
    }

    /**
     * @param clock from twelve behind the dish, radians
     * @param height above the table plane, radians
     */
    public static LightSide of(double clock, double height) {
        if (height > HIGH) {
            return ABOVE;
        }
        double at = clock * 6 / Math.PI;
        return Arrays.stream(values())
                .filter(side -> side != ABOVE)
                .min(Comparator.comparingDouble(side -> apart(side.hours, at)))
                .orElseThrow();
    }

    private static double apart(double one, double other) {
        double between = Math.abs(one - other) % HOURS;
        return Math.min(between, HOURS - between);
    }
}
