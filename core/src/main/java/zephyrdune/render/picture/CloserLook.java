package zephyrdune.render.picture;

import java.util.Optional;
import zephyrdune.render.body.Ray;
import zephyrdune.render.trace.FirstHitFinder;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/**
 * What a camera sees on pixels half as wide as those of a film, whatever the light, see {@link JointUpsampling}. As long as nothing but the key
 * moves it is taken from the look before, but where that or the film shows the key itself.
 */
public final class CloserLook {

    /** All that is seen but the key. */
    private final Traced things;

    private final Scene scene;
    private final CameraRays rays;
    private final int width;
    private final FirstHits hits;

    /** Of the look before; null if that was at something else. */
    private final FirstHits known;

    /**
     * @param width of the film, pixels; height likewise
     * @param before a look at what may be the same but for the light
     */
    CloserLook(TableSet set, Scene scene, int width, int height, Optional<CloserLook> before) {
        this.scene = scene;
        this.width = 2 * width;
        things = Traced.of(set, false).withoutKey();
        rays = new CameraRays(set, 2 * width, 2 * height, false, true);
        hits = new FirstHits(2 * width, 2 * height);
        known = before.filter(look -> look.things.equals(things) && look.hits.owner().length == hits.owner().length)
                .map(look -> look.hits)
                .orElse(null);
    }

    FirstHits hits() {
        return hits;
    }

    /**
     * Takes in one square of a film.
     *
     * @param film what its own pixels show there
     */
    void take(int left, int right, int top, int bottom, FirstHits film) {
        boolean same = known != null
                && !showsKey(known, 2 * left, 2 * right, 2 * top, 2 * bottom, width)
                && !showsKey(film, left, right, top, bottom, width / 2);
        FirstHitFinder finder = new FirstHitFinder(scene);
        Ray ray = new Ray();
        for (int row = 2 * top; row < 2 * bottom; row++) {
            if (same) {
                hits.copy(known, row * width + 2 * left, row * width + 2 * right);
                continue;
            }
            for (int column = 2 * left; column < 2 * right; column++) {
                rays.aim(column, row, 0, ray);
                finder.find(ray, rays.spread());
                hits.note(row * width + column, finder.guide, 0);
            }
        }
    }

    private static boolean showsKey(FirstHits hits, int left, int right, int top, int bottom, int width) {
        for (int row = top; row < bottom; row++) {
            for (int column = left; column < right; column++) {
                int owner = hits.owner()[row * width + column];
                if (owner == Scene.KEY_FACE || owner == Scene.DOORS) {
                    return true;
                }
            }
        }
        return false;
    }
}
