package zephyrdune.render.body;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.render.material.Material;

/** The curve that a surface of revolution is turned from, in the making: from the foot outwards and up, then inwards over the top to the axis. */
final class Meridian {

    /** Pieces round a ring's bar. */
    private static final int ROUND_BAR = 8;

    final List<double[]> ends = new ArrayList<>();
    final List<Boolean> smooth = new ArrayList<>();
    final List<Material> materials = new ArrayList<>();
    int flutes;
    double fluteDepth;
    double facing = -1;
    private double atRadius;
    private double atHeight;

    Meridian(double radius, double height) {
        atRadius = radius;
        atHeight = height;
    }

    /** A straight piece after a sharp bend. */
    Meridian to(double radius, double height, Material of) {
        return piece(radius, height, of, false);
    }

    /** A straight piece that goes on a curve from the one before, if there is one. */
    Meridian curveTo(double radius, double height, Material of) {
        return piece(radius, height, of, !materials.isEmpty());
    }

    private Meridian piece(double radius, double height, Material of, boolean goesOn) {
        ends.add(new double[] {atRadius, atHeight, radius, height});
        smooth.add(goesOn);
        materials.add(of);
        atRadius = radius;
        atHeight = height;
        return this;
    }

    /** Ribs round the axis, which lean the outer sides' normals by up to {@code depth} of their length. */
    Meridian fluted(int count, double depth) {
        flutes = count;
        fluteDepth = depth;
        return this;
    }

    /** Only the part within this angle of -y, radians. */
    Meridian facing(double angle) {
        facing = Math.cos(angle);
        return this;
    }

    SurfaceOfRevolution turned() {
        return new SurfaceOfRevolution(this);
    }

    /** The outline of a ring: a round bar, half so thick, bent round the axis. */
    static Meridian ring(double radius, double thick, Material material) {
        Meridian outline = new Meridian(radius, -thick);
        for (int i = 1; i <= ROUND_BAR; i++) {
            double turn = 2 * Math.PI * i / ROUND_BAR;
            outline.curveTo(radius + thick * Math.sin(turn), -thick * Math.cos(turn), material);
        }
        return outline;
    }
}
