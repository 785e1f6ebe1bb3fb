package zephyrdune.render.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/**
 * What the frame shows where: a coarse map of the things on the table, to point at them.
 *
 * @param columns across the frame
 * @param rows down the frame
 * @param things those that are seen
 * @param cells row by row from the top, the number of the thing in the list; {@link #NOTHING} where there is none
 */
public record ThingsInFrame(int columns, int rows, List<Thing> things, int[] cells) {

    public static final int NOTHING = -1;

    /** Kinds of things that somebody can work on. */
    public enum Kind {
        HERO,
        PROP,
        CARD,
        LIGHT,
        BASE,
        TABLE,
        BACKDROP,
        ROOM
    }

    /** @param number of a prop or a card in the set, from 0; 0 for what there is once */
    public record Thing(Kind kind, int number) {}

    /** Looked at through the middle of each cell. */
    public static ThingsInFrame of(TableSet set, int columns, int rows) {
        Perspective view = Perspective.of(set);
        Scene scene = Scene.of(set);
        List<Thing> things = new ArrayList<>();
        int[] cells = new int[columns * rows];
        Arrays.setAll(
                cells,
                i -> CameraHit.of(view, scene, (i % columns + 0.5) / columns, (i / columns + 0.5) / rows)
                        .map(hit -> numbered(things, thing(scene, hit.owner())))
                        .orElse(NOTHING));
        return new ThingsInFrame(columns, rows, things, cells);
    }

    private static int numbered(List<Thing> things, Thing thing) {
        int number = things.indexOf(thing);
        if (number < 0) {
            things.add(thing);
            return things.size() - 1;
        }
        return number;
    }

    private static Thing thing(Scene scene, int owner) {
        int card = scene.card(owner);
        if (card >= 0) {
            return new Thing(Kind.CARD, card);
        }
        return switch (owner) {
            case Scene.TABLE -> new Thing(Kind.TABLE, 0);
            case Scene.BACKDROP -> new Thing(Kind.BACKDROP, 0);
            case Scene.WALL, Scene.WINDOW -> new Thing(Kind.ROOM, 0);
            case Scene.KEY_FACE, Scene.DOORS -> new Thing(Kind.LIGHT, 0);
            case Scene.BASE_FACE -> new Thing(Kind.BASE, 0);
            case Scene.HERO -> new Thing(Kind.HERO, 0);
            default -> new Thing(Kind.PROP, owner - Scene.HERO - 1);
        };
    }
}
