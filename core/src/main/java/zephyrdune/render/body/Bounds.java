package zephyrdune.render.body;

/** A box along x, y and z that holds a body, metres. */
public record Bounds(double lowX, double lowY, double lowZ, double highX, double highY, double highZ) {

    static Bounds of(double[] low, double[] high) {
        return new Bounds(low[0], low[1], low[2], high[0], high[1], high[2]);
    }

    /** The box that holds both. */
    Bounds and(Bounds other) {
        return new Bounds(
                Math.min(lowX, other.lowX),
                Math.min(lowY, other.lowY),
                Math.min(lowZ, other.lowZ),
                Math.max(highX, other.highX),
                Math.max(highY, other.highY),
                Math.max(highZ, other.highZ));
    }

    /** Whether a place is in the upright drum that fits into it. */
    public boolean drumHolds(double x, double y, double z) {
        double across = (x - middle(0)) / half(0);
        double along = (y - middle(1)) / half(1);
        return z >= lowZ && z <= highZ && across * across + along * along <= 1;
    }

    double middle(int axis) {
        return axis == 0 ? (lowX + highX) / 2 : axis == 1 ? (lowY + highY) / 2 : (lowZ + highZ) / 2;
    }

    double half(int axis) {
        return axis == 0 ? (highX - lowX) / 2 : axis == 1 ? (highY - lowY) / 2 : (highZ - lowZ) / 2;
    }
}
