package zephyrdune.render.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.TableSet;

/**
 * The part of the frame in which the hero can be seen: from the frame's left and upper edge, 0 to 1; {@link #empty} where it is out of it.
 */
public record HeroBounds(double left, double right, double top, double bottom) {

    private static final HeroBounds WHOLE = new HeroBounds(0, 1, 0, 1);

    /** By the box round the hero; all of the frame where that box reaches behind the lens. */
    public static HeroBounds of(TableSet set) {
        Perspective view = Perspective.of(set);
        double radius = set.dish().radius();
        double left = 1;
        double right = 0;
        double top = 1;
        double bottom = 0;
        for (int corner = 0; corner < 8; corner++) {
            Vector3D seen = view.project(Vector3D.of(
                    corner % 2 == 0 ? -radius : radius,
                    corner / 2 % 2 == 0 ? -radius : radius,
                    corner / 4 == 0 ? 0 : set.dish().height()));
            if (seen.getZ() <= 0) {
                return WHOLE;
            }
            left = Math.min(left, seen.getX());
            right = Math.max(right, seen.getX());
            top = Math.min(top, seen.getY());
            bottom = Math.max(bottom, seen.getY());
        }
        return new HeroBounds(Math.max(0, left), Math.min(1, right), Math.max(0, top), Math.min(1, bottom));
    }

    /** Whether none of it is in the frame. */
    public boolean empty() {
        return left >= right || top >= bottom;
    }

    /** From the left edge of the frame to the middle of one of so many columns. */
    public double across(int column, int columns) {
        return left + (right - left) * (column + 0.5) / columns;
    }

    /** From the upper edge of the frame to the middle of one of so many rows. */
    public double down(int row, int rows) {
        return top + (bottom - top) * (row + 0.5) / rows;
    }
}
