package zephyrdune.server.pictures;

import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.springframework.stereotype.Component;
import zephyrdune.formats.JpegFile;
import zephyrdune.formats.PngFile;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.RollOff;
import zephyrdune.render.picture.SmallPicture;
import zephyrdune.render.picture.Switched;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

/** Small pictures for lists, traced when there is time. */
@Component
public class SmallPictures {

    private static final int LIST_WIDTH = 240;
    private static final int WALL_WIDTH = 360;
    private static final int PASSES = 6;
    private static final float QUALITY = 0.9f;

    private final ComputeLimiter computing;

    SmallPictures(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** Of all light of a set. */
    CompletableFuture<byte[]> png(TableSet set) {
        return computing.picture(set, () -> PngFile.write(traced(set, Set.of(), LIST_WIDTH)));
    }

    /** @param off words of the layers of light that it leaves out */
    public CompletableFuture<byte[]> jpeg(TableSet set, Set<String> off) {
        return computing.picture(set, () -> JpegFile.write(traced(set, off, WALL_WIDTH), QUALITY));
    }

    private static Picture traced(TableSet set, Set<String> off, int width) {
        return RollOff.of(SmallPicture.of(Switched.of(set, off), width, PASSES));
    }
}
