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
    /** Places across and down a patch, and a step through all of them. */
    private static final int FINE = 5;

    private static final int STEP = 7;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

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
                    .filter(SeenHero::counts)
                    .ifPresent(seen::add);
        }
        int count = Math.min(most, seen.size());
        List<CameraHit> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            // steps of the golden ratio fall into no step with the rows
            double share = (i + 0.5) * GOLDEN % 1;
            places.add(seen.get((int) (share * seen.size())));
        }
        return places;
    }

    /**
     * The same in patches of neighbours, over an even grid: those in which anything of it is seen. The places of each are in no order.
     *
     * @param columns of patches, over the part of the frame that the hero is in
     */
    public static List<List<CameraHit>> patches(TableSet set, Scene scene, int columns, int rows) {
        Perspective view = Perspective.of(set);
        HeroBounds bounds = HeroBounds.of(set);
        List<List<CameraHit>> patches = new ArrayList<>();
        for (int patch = 0; !bounds.empty() && patch < columns * rows; patch++) {
            List<CameraHit> places = new ArrayList<>();
            for (int i = 0; i < FINE * FINE; i++) {
                // in steps that meet every place once, and neighbours late
                int place = i * STEP % (FINE * FINE);
                int column = patch % columns * FINE + place % FINE;
                int row = patch / columns * FINE + place / FINE;
                CameraHit.of(view, scene, bounds.across(column, columns * FINE), bounds.down(row, rows * FINE))
                        .filter(SeenHero::counts)
                        .ifPresent(places::add);
            }
            if (!places.isEmpty()) {
                patches.add(places);
            }
        }
        return patches;
    }

    private static boolean counts(CameraHit hit) {
        return hit.owner() == Scene.HERO && !hit.clear();
    }
}
