package zephyrdune.answers.finding;

import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.units.measure.Lengths;

/** The space of the frame that is kept for text, and what stands in it. */
final class TextKeptFree {

    private static final int COLUMNS = 24;
    private static final int ROWS = 16;

    /** Of the space: less than this is in nobody's way. */
    private static final double SOME = 0.02;

    private static final double STEP = 0.01;

    private TextKeptFree() {}

    static Optional<Spoiled> covered(Inspection scene) {
        TableSet set = scene.set;
        if (set.camera().textSpace().side() == TextSpace.Side.NONE) {
            return Optional.empty();
        }
        double share = covered(set);
        return share < SOME
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.TEXT_COVERED,
                        "camera.textSpace",
                        "Things stand in the space kept for text: they take up %.0f %% of it".formatted(100 * share),
                        () -> Trying.first(
                                        STEP,
                                        set.camera().framedWidth(),
                                        by -> set.withCamera(moved(set.camera(), by)),
                                        moved -> covered(moved) < SOME / 2)
                                .map(found ->
                                        new Mend("Move the frame by " + Lengths.words(found.by()), found.set()))));
    }

    /** The frame moved towards the side that is to be free, so that what it shows goes away from there. */
    private static Camera moved(Camera camera, double by) {
        return switch (camera.textSpace().side()) {
            case LEFT -> camera.withShiftRight(camera.shiftRight() - by);
            case RIGHT -> camera.withShiftRight(camera.shiftRight() + by);
            case TOP -> camera.withShiftUp(camera.shiftUp() + by);
            case BOTTOM -> camera.withShiftUp(camera.shiftUp() - by);
            case NONE -> camera;
        };
    }

    /** Share of the space in which anything but table, walls and backdrop is seen. */
    private static double covered(TableSet set) {
        TextSpace space = set.camera().textSpace();
        Perspective view = Perspective.of(set);
        Scene scene = Scene.of(set);
        Vector3D eye = view.eye();
        Ray sight = new Ray();
        Hit hit = new Hit();
        int seen = 0;
        for (int i = 0; i < COLUMNS * ROWS; i++) {
            double across = (i % COLUMNS + 0.5) / COLUMNS;
            double down = (i / COLUMNS + 0.5) / ROWS;
            Vector3D way =
                    switch (space.side()) {
                        case RIGHT -> view.ray(1 - space.share() * across, down);
                        case TOP -> view.ray(across, space.share() * down);
                        case BOTTOM -> view.ray(across, 1 - space.share() * down);
                        default -> view.ray(space.share() * across, down);
                    };
            sight.set(eye.getX(), eye.getY(), eye.getZ(), way.getX(), way.getY(), way.getZ());
            seen += scene.meet(sight, hit) > Scene.WALL ? 1 : 0;
        }
        return seen / (double) (COLUMNS * ROWS);
    }
}
