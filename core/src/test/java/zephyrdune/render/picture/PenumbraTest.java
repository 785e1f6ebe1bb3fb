package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.render.picture.FilmTest.direct;
import static zephyrdune.render.picture.FilmTest.perLux;
import static zephyrdune.render.picture.FilmTest.plain;
import static zephyrdune.set.Sets.box;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Faces;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.dish.Block;
import zephyrdune.set.light.Light;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/** A shadow's soft edge in the picture against the exact model. */
public class PenumbraTest {

    /** Lines of sight averaged over the height of a pixel. */
    private static final int LINES = 16;

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /**
     * The soft edge of a straight board: at each point of the table the part of the face above the board is itself a
     * rectangle, whose light the contour formula knows.
     */
    @Test
    public void penumbraOfAStraightEdge() {
        double high = 0.1;
        double front = -0.01;
        Light light = box(0.2, 0.5, 12, 45, 0.9);
        TableSet set = plain(Sets.chowder())
                .withBackdrop(new Backdrop(3, 2, 1.5, Surface.BLACK_PAPER))
                .withDish(new Block(0.6, 0.02, high, Surface.GREY_PAPER))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.3, 0.036, 0.024, 0.75))
                .withLight(light);
        Picture picture = direct(set, 151, 16, 16);
        Perspective view = Perspective.of(set);
        double perLux = Surface.GREY_PAPER.colour().green() * perLux(set);
        int inPenumbra = 0;
        for (int row = 0; row < picture.height(); row++) {
            double passed = 0;
            double open = 0;
            double farthest = 0;
            for (int line = 0; line < LINES; line++) {
                Vector3D ray = view.ray(0.5, (row + (line + 0.5) / LINES) / picture.height());
                Vector3D place = view.eye().add(ray.multiply(-view.eye().getZ() / ray.getZ()));
                passed += above(light, place, front, high) / LINES;
                open += Illuminance.uniform(EmittingFace.of(light)).at(place, UP) / LINES;
                farthest = place.getY();
            }
            if (farthest < -0.03) {
                double mean = 0;
                for (int column = 70; column <= 80; column++) {
                    mean += picture.at(column, row, 1) / 11;
                }
                assertThat(mean).isCloseTo(perLux * passed, within(0.005 * perLux * open));
                inPenumbra += passed > 0.02 * open && passed < 0.98 * open ? 1 : 0;
            }
        }
        assertThat(inPenumbra).isGreaterThan(10);
    }

    /** Light of the part of the face that a point sees over an edge along x at (y, z). */
    private static double above(Light light, Vector3D point, double y, double z) {
        EmittingFace face = EmittingFace.of(light);
        // where the plane through the point and the edge cuts the face, as a share from -1 to 1 of its height
        Vector3D planeNormal = Vector3D.of(0, -z, y - point.getY());
        double middle = face.centre().subtract(point).dot(planeNormal);
        double perHalf = face.upHalf().dot(planeNormal);
        double cut = Math.max(-1, Math.min(1, -middle / perHalf));
        if (cut == 1) {
            return 0;
        }
        EmittingFace part = Faces.rectangle(
                        face.at(0, (1 + cut) / 2),
                        face.acrossHalf(),
                        face.upHalf().multiply((1 - cut) / 2))
                .withLuminance(face.luminance());
        return Illuminance.uniform(part).at(point, UP);
    }
}
