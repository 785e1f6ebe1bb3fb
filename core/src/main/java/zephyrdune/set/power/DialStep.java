package zephyrdune.set.power;

/** The step between neighbouring marks. */
public enum DialStep {
    WHOLE(1),
    HALF(2),
    THIRD(3),
    TENTH(10);

    private final int perStop;

    DialStep(int perStop) {
        this.perStop = perStop;
    }

    /** Marks in one stop. */
    public int perStop() {
        return perStop;
    }

    /** So many of the steps, fewer than a stop, as it is written: "1/3", "0.7". */
    String words(int steps) {
        return this == TENTH ? "0." + steps : steps + "/" + perStop;
    }
}
