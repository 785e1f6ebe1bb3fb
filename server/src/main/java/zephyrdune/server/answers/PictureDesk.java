package zephyrdune.server.answers;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;
import zephyrdune.picture.Picture;
import zephyrdune.picture.Quality;
import zephyrdune.picture.Renderer;
import zephyrdune.server.problems.Superseded;
import zephyrdune.table.TableSet;

/**
 * Hands out pictures. For each view only the newest turn is worked on: an older one still waiting or under way is
 * dropped as soon as a newer one comes.
 */
@Component
class PictureDesk {

    /** Views remembered; the one asked for longest ago is forgotten first. */
    private static final int MOST_VIEWS = 1000;

    /** A render uses every core by itself; two at a time keep them busy while one of them ends. */
    private final Semaphore seats = new Semaphore(2, true);

    private final Map<String, Long> newest = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Long> eldest) {
            return size() > MOST_VIEWS;
        }
    };

    /** @throws Superseded when a newer turn of the same view has been asked for */
    Picture picture(String view, long turn, TableSet set, Quality quality) throws InterruptedException {
        synchronized (newest) {
            newest.merge(view, turn, Math::max);
        }
        seats.acquire();
        try {
            Optional<Picture> picture = Renderer.render(set, quality, () -> isStale(view, turn));
            return picture.orElseThrow(Superseded::new);
        } finally {
            seats.release();
        }
    }

    /** Drops what is under way for a view, and whatever is still asked of it. */
    void close(String view) {
        synchronized (newest) {
            newest.put(view, Long.MAX_VALUE);
        }
    }

    private boolean isStale(String view, long turn) {
        synchronized (newest) {
            return newest.getOrDefault(view, turn) > turn;
        }
    }
}
