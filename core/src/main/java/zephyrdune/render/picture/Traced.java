package zephyrdune.render.picture;

import java.util.List;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.Window;

/**
 * What a film depends on: sets that are alike in this share their layers, and differ only in how these are mixed.
 *
 * @param base the base light's face, or null
 * @param aperture that depth of field is by, or 0 where everything is sharp
 */
record Traced(
        Camera camera,
        Dish dish,
        List<Prop> props,
        EmittingFace key,
        EmittingFace base,
        List<Card> cards,
        TableTop tableTop,
        Backdrop backdrop,
        Room room,
        Window window,
        double aperture) {

    /** The same with any key. */
    Traced withoutKey() {
        return new Traced(camera, dish, props, null, base, cards, tableTop, backdrop, room, window, aperture);
    }

    static Traced of(TableSet set, boolean deep) {
        EmittingFace key = EmittingFace.of(set).withLuminance(1);
        EmittingFace base = set.base() instanceof BroadBase broad
                ? EmittingFace.of(broad.as(set.light())).withLuminance(1)
                : null;
        return new Traced(
                set.camera().withTextSpace(TextSpace.NONE),
                set.dish(),
                set.props(),
                key,
                base,
                set.cards(),
                set.tableTop(),
                set.backdrop(),
                set.room(),
                set.ambient().window(),
                deep ? set.exposure().exactAperture() : 0);
    }
}
