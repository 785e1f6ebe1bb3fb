package zephyrdune.set.power;

/** How the light follows a dimmer's percentage. */
public enum Dimming {
    /** Half the number is half the light, a stop less. */
    LINEAR(1),
    /** The light goes with the square of the number: half is a quarter of the light, two stops less. */
    SQUARE_LAW(2);

    private final double power;

    Dimming(double power) {
        this.power = power;
    }

    /** Stops below full at a share of the dial's full number, 0 to 1. */
    double below(double share) {
        return 0 - power * Math.log(share) / Math.log(2);
    }

    /** The share of the dial's full number, 0 to 1, that gives so many stops below full. */
    double share(double stopsBelowFull) {
        return Math.pow(2, -stopsBelowFull / power);
    }
}
