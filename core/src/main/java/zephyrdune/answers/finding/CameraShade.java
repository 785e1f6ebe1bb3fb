package zephyrdune.answers.finding;

import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Panel;
import zephyrdune.set.light.OffRoom;

/** Camera and photographer in the light's way, as they are with front light. Their sizes are common practice. */
final class CameraShade {

    private static final double CAMERA_WIDTH = 0.16;
    private static final double CAMERA_HEIGHT = 0.12;

    /** Behind the camera, and half of the width and height of head and shoulders. */
    private static final double BEHIND = 0.35;

    private static final double SHOULDERS = 0.25;
    private static final double UPPER_BODY = 0.35;

    /** A hero that lacks more than this share of the key looks shaded. */
    private static final double SHADED = 0.1;

    private static final double CLOCK_STEP = Math.PI / 12;

    private CameraShade() {}

    static Optional<Spoiled> onHero(Inspection scene) {
        TableSet set = scene.set;
        double share = kept(set);
        return share < SHADED || set.light().filling() instanceof OffRoom
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.CAMERA_IN_THE_WAY,
                        "light.clock",
                        "Camera and photographer stand in the light: they keep %.0f %% of the key off the hero"
                                .formatted(100 * share),
                        () -> Trying.round(set, CLOCK_STEP, Math.PI, moved -> kept(moved) < SHADED / 2)));
    }

    /** Share of the key that they keep off the hero's top. */
    private static double kept(TableSet set) {
        Perspective view = Perspective.of(set);
        Vector3D right = view.rightHalf().normalize();
        Vector3D up = view.upHalf().normalize();
        Vector3D behind = view.eye().subtract(view.forward().multiply(BEHIND));
        List<Panel> panels = List.of(
                new Panel(view.eye(), right, up, CAMERA_WIDTH / 2, CAMERA_HEIGHT / 2, List.of(), false),
                new Panel(
                        Vector3D.of(behind.getX(), behind.getY(), behind.getZ() - UPPER_BODY + CAMERA_WIDTH),
                        right,
                        Vector3D.Unit.PLUS_Z,
                        SHOULDERS,
                        UPPER_BODY,
                        List.of(),
                        false));
        KeyLight open = KeyLight.open(set);
        KeyLight past = KeyLight.past(set, Cutters.of(panels));
        Vector3D top = open.hero();
        double all = open.at(top, Vector3D.Unit.PLUS_Z);
        return all == 0 ? 0 : 1 - past.at(top, Vector3D.Unit.PLUS_Z) / all;
    }
}
