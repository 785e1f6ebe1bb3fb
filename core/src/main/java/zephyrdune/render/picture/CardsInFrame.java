package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;

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
        Ray sight = new Ray();
        Hit hit = new Hit();
        double[] shares = new double[set.cards().size()];
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                int card = card(view, scene, sight, hit, row, column);
                if (card >= 0) {
                    shares[card] += 1.0 / (COLUMNS * ROWS);
                }
            }
        }
        return new CardsInFrame(shares);
    }

    /** The places of the grid whose rays may meet a card. */
    private record Window(int left, int right, int top, int bottom) {

        /** Round its corners; everywhere where some of them are behind the lens, nowhere where all are. */
        static Window of(Perspective view, Card card) {
            double left = Double.POSITIVE_INFINITY;
            double right = Double.NEGATIVE_INFINITY;
            double top = Double.POSITIVE_INFINITY;
            double bottom = Double.NEGATIVE_INFINITY;
            boolean before = false;
            for (List<Vector3D> outline : card.outlines()) {
                for (Vector3D corner : outline) {
                    Vector3D at = view.project(corner);
                    boolean behindTheLens = at.getZ() <= 0;
                    before |= !behindTheLens;
                    left = behindTheLens ? 0 : Math.min(left, at.getX());
                    right = behindTheLens ? 1 : Math.max(right, at.getX());
                    top = behindTheLens ? 0 : Math.min(top, at.getY());
                    bottom = behindTheLens ? 1 : Math.max(bottom, at.getY());
                }
            }
            return !before
                    ? new Window(1, 0, 1, 0)
                    : new Window(first(left, COLUMNS), last(right, COLUMNS), first(top, ROWS), last(bottom, ROWS));
        }

        boolean empty() {
            return left > right || top > bottom;
        }
    }

    /** Whether the frame shows any of one card, by the same rays: those alone that may meet it are followed. */
    public static boolean shows(TableSet set, int card) {
        Perspective view = Perspective.of(set);
        Window window = Window.of(view, set.card(card));
        if (window.empty()) {
            return false;
        }
        Scene scene = Scene.of(set);
        Hit hit = new Hit();
        Ray sight = new Ray();
        for (int row = window.top; row <= window.bottom; row++) {
            for (int column = window.left; column <= window.right; column++) {
                if (card == card(view, scene, sight, hit, row, column)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static int first(double share, int count) {
        return (int) Math.max(0, Math.floor(share * (count - 1)));
    }

    private static int last(double share, int count) {
        return (int) Math.min(count - 1.0, Math.ceil(share * (count - 1)));
    }

    /** The card that is seen at one place of the grid, out to the frame's very edge; below 0 where it is none. */
    private static int card(Perspective view, Scene scene, Ray sight, Hit hit, int row, int column) {
        Vector3D eye = view.eye();
        Vector3D ray = view.ray(column / (COLUMNS - 1.0), row / (ROWS - 1.0));
        sight.set(eye.getX(), eye.getY(), eye.getZ(), ray.getX(), ray.getY(), ray.getZ());
        return scene.card(scene.meet(sight, hit));
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
