package zephyrdune.table;

/** Sets for tests; the numbers are invented. */
public final class Sets {

    private static final double DEGREE = Math.PI / 180;
    private static final double HOUR = Math.PI / 6;

    private Sets() {}

    /** The demo's first set: a bowl, and a 60 cm box at 10 o'clock, 40 degrees up, 90 cm away. */
    public static TableSet chowder() {
        return new TableSet(
                "Smoked mussel chowder",
                new Camera(CameraAngle.FORTY_FIVE, 0.085, 0.036, 0.024, 0.48),
                new Bowl(0.19, 0.075, Surface.DARK_STONEWARE, 0.78, Surface.SMOKED_CHOWDER),
                box(0.6, 0.6, 10, 40, 0.9),
                new TableTop(Surface.PALE_WOOD),
                new Backdrop(1.2, 2, 1.5, Surface.GREY_PAPER),
                new Exposure(0, 4));
    }

    /** A softbox aimed at the hero point; clock in hours, height angle in degrees, lengths in metres. */
    public static Softbox box(double width, double height, double clock, double heightAngle, double distance) {
        return new Softbox(width, height, clock * HOUR, heightAngle * DEGREE, distance, Aim.HERO);
    }

    /** A block so low that its top is the table. */
    public static Block sliver() {
        return new Block(0.02, 0.02, 0.005, Surface.GREY_PAPER);
    }

    public static TableSet lit(Softbox light) {
        return chowder().withLight(light);
    }
}
