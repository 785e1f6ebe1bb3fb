package zephyrdune.render.picture;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/** Places of the hero that the camera sees, but for those of clear things: there is no light and shade on glass. */
public final class SeenHero {

    private static final int COLUMNS = 36;
    private static final int ROWS = 24;

    private SeenHero() {}

    /**
     * Evenly spread over what is seen.
     *
     * @param most places; there are fewer where little is seen, by a grid of a thirty-sixth of the hero's width
     */
    public static List<CameraHit> places(TableSet set, Scene scene, int most) {
        Perspective view = Perspective.of(set);
        List<CameraHit> seen = new ArrayList<>();
        HeroBounds bounds = HeroBounds.of(set);
        for (int i = 0; !bounds.empty() && i < COLUMNS * ROWS; i++) {
            CameraHit.of(view, scene, bounds.across(i % COLUMNS, COLUMNS), bounds.down(i / COLUMNS, ROWS))
                    .filter(hit -> hit.owner() == Scene.HERO && !hit.clear())
                    .ifPresent(seen::add);
        }
        int count = Math.min(most, seen.size());
        List<CameraHit> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            places.add(seen.get((int) ((i + 0.5) * seen.size() / count)));
        }
        return places;
    }
}
