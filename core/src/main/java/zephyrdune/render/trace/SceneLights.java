package zephyrdune.render.trace;

import java.util.List;
import java.util.stream.Stream;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.KeyColour;
import zephyrdune.light.emitter.Patch;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.room.SideWindow;

/**
 * The lights of a scene, each of luminance 1.
 *
 * @param cutters cards and doors as they cut the key's light
 * @param keyOnWall whether the key's face is a patch on a wall, which also sends on what comes to it
 * @param leaves the other leaves of a corner
 * @param base the base light's face, or null
 * @param window the window's face, or null
 * @param windowLuminance where all of the room's own light together has 1 on a level surface over pi
 * @param round luminance of the room's own light from all sides, likewise
 */
record SceneLights(
        Light key,
        Cutters cutters,
        boolean keyOnWall,
        List<Light> leaves,
        Light base,
        EmittingFace window,
        double windowLuminance,
        double round) {

    /**
     * A face, where it is bright, and its red, green and blue luminance over those of the key.
     *
     * @param map null for an even face
     */
    record Light(EmittingFace face, FaceMap map, double red, double green, double blue) {

        private static Light of(EmittingFace face) {
            return new Light(face.withLuminance(1), FaceMap.of(face), 1, 1, 1);
        }

        private static Light of(Patch leaf, double keyLuminance, KeyColour colour) {
            double bright =
                    leaf.face().luminance() / keyLuminance / leaf.surface().luminous();
            return new Light(
                    leaf.face().withLuminance(1),
                    FaceMap.of(leaf.face()),
                    bright * leaf.surface().colour().red() / colour.red(),
                    bright * leaf.surface().colour().green() / colour.green(),
                    bright * leaf.surface().colour().blue() / colour.blue());
        }
    }

    /** The faces of key and base. */
    Stream<EmittingFace> faces() {
        return Stream.concat(Stream.of(key), Stream.concat(leaves.stream(), Stream.ofNullable(base)))
                .map(Light::face);
    }

    static SceneLights of(TableSet set) {
        EmittingFace lit = EmittingFace.of(set);
        KeyColour colour = KeyColour.of(set);
        EmittingFace window = set.ambient().window() instanceof SideWindow side ? EmittingFace.of(side) : null;
        double windowLuminance = window == null ? 0 : windowLuminance(set, window);
        return new SceneLights(
                Light.of(lit),
                Cutters.of(set),
                set.light().filling() instanceof OffRoom,
                Patch.of(set.light(), set.room()).stream()
                        .map(leaf -> Light.of(leaf, lit.luminance(), colour))
                        .toList(),
                set.base() instanceof BroadBase broad ? Light.of(EmittingFace.of(broad.as(set.light()))) : null,
                window,
                windowLuminance,
                windowLuminance > 0 ? 1 - set.ambient().windowShare() : 1);
    }

    /** So bright that it gives the hero its share of the room's own light; 0 where it does not reach the hero. */
    private static double windowLuminance(TableSet set, EmittingFace window) {
        double given = Illuminance.uniform(window).level(0, 0, set.dish().top());
        return given == 0 ? 0 : Math.PI * set.ambient().windowShare() / given;
    }

    /** The faces as things that rays meet, black behind. */
    void addTo(SolidList solids) {
        if (!keyOnWall) {
            solids.add(new FaceSolid(key.face), Scene.KEY_FACE);
        }
        if (window != null) {
            solids.add(new FaceSolid(window), Scene.WINDOW);
        }
        if (base != null) {
            solids.add(new FaceSolid(base.face), Scene.BASE_FACE);
        }
    }
}
