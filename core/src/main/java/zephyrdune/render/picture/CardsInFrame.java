package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.OptionalInt;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/** How much of the frame each card takes up. */
public final class CardsInFrame {

    private static final int COLUMNS = 60;
    private static final int ROWS = 40;

    private final double[] shares;

    private CardsInFrame(double[] shares) {
        this.shares = shares;
    }

    /** Counted over an even grid of rays: exact to about a sixtieth of the frame's width. */
    public static CardsInFrame of(TableSet set) {
        Perspective view = Perspective.of(set);
        Scene scene = Scene.of(set);
        Vector3D eye = view.eye();
        Ray sight = new Ray();
        Hit hit = new Hit();
        double[] shares = new double[set.cards().size()];
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                // out to the frame's very edge
                Vector3D ray = view.ray(column / (COLUMNS - 1.0), row / (ROWS - 1.0));
                sight.set(eye.getX(), eye.getY(), eye.getZ(), ray.getX(), ray.getY(), ray.getZ());
                int card = scene.card(scene.meet(sight, hit));
                if (card >= 0) {
                    shares[card] += 1.0 / (COLUMNS * ROWS);
                }
            }
        }
        return new CardsInFrame(shares);
    }

    /** Of one card, 0 to 1. */
    public double share(int card) {
        return shares[card];
    }

    /** The card that takes up most, if one is seen. */
    public OptionalInt largest() {
        double most = Arrays.stream(shares).max().orElse(0);
        for (int i = 0; i < shares.length; i++) {
            if (most > 0 && shares[i] == most) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }
}
