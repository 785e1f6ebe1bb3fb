package zephyrdune.set.camera;

/** The three usual ways to look at food. */
public enum CameraAngle {
    /** Straight down; +y is the top of the picture. */
    OVERHEAD(Math.PI / 2),
    /** As one looks at a plate when seated. */
    FORTY_FIVE(Math.PI / 4),
    /** From the side, raised just enough to see the table top: 5 degrees. */
    STRAIGHT_ON(Math.toRadians(5));

    private final double elevation;

    CameraAngle(double elevation) {
        this.elevation = elevation;
    }

    /** Angle of the lens axis above the table plane, radians. */
    public double elevation() {
        return elevation;
    }
}
