package zephyrdune.emitter;

/**
 * Means over a face: cells of 2 x 2 Gauss-Legendre points, divided into four wherever that changes them, as along the edge of a
 * beam.
 */
final class FaceMean {

    private static final double FIRST = 0.5 - 0.5 / Math.sqrt(3);

    /** Halvings before it is asked whether more would change anything, and at most. */
    private static final int LEAST = 4;

    private static final int DEEPEST = 9;

    /** Allowed in a cell, as a share of the face. */
    private static final double ALLOWED = 1e-6;

    private final Evenness evenness;
    private final Outline outline;
    private final int power;
    private final double[] place = new double[2];

    private FaceMean(Evenness evenness, Outline outline, int power) {
        this.evenness = evenness;
        this.outline = outline;
        this.power = power;
    }

    /** Mean of the evenness to a power. */
    static double of(Evenness evenness, Outline outline, int power) {
        FaceMean mean = new FaceMean(evenness, outline, power);
        double sum = 0;
        for (int patch = 0; patch < outline.patches(); patch++) {
            sum += mean.refined(patch, 0, 0, 1, mean.cell(patch, 0, 0, 1), 0);
        }
        return sum / outline.area();
    }

    private double refined(int patch, double s, double t, double size, double coarse, int depth) {
        double half = size / 2;
        double a = cell(patch, s, t, half);
        double b = cell(patch, s + half, t, half);
        double c = cell(patch, s, t + half, half);
        double d = cell(patch, s + half, t + half, half);
        double fine = a + b + c + d;
        if (depth + 1 >= DEEPEST || depth >= LEAST && Math.abs(fine - coarse) <= ALLOWED) {
            return fine;
        }
        return refined(patch, s, t, half, a, depth + 1)
                + refined(patch, s + half, t, half, b, depth + 1)
                + refined(patch, s, t + half, half, c, depth + 1)
                + refined(patch, s + half, t + half, half, d, depth + 1);
    }

    private double cell(int patch, double s, double t, double size) {
        double sum = 0;
        for (int node = 0; node < 4; node++) {
            double u = s + size * (node / 2 == 0 ? FIRST : 1 - FIRST);
            double v = t + size * (node % 2 == 0 ? FIRST : 1 - FIRST);
            double area = outline.patch(patch, u, v, place);
            sum += area * Math.pow(evenness.at(place[0], place[1]), power);
        }
        return sum * size * size / 4;
    }
}
