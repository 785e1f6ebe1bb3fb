package zephyrdune.render.lens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;

public class PerspectiveTest {

    @DataProvider
    Object[][] angles() {
        return new Object[][] {{CameraAngle.OVERHEAD}, {CameraAngle.FORTY_FIVE}, {CameraAngle.STRAIGHT_ON}};
    }

    private static TableSet seen(CameraAngle angle) {
        return Sets.chowder().withCamera(new Camera(angle, 0.085, 0.036, 0.024, 0.48));
    }

    @Test(dataProvider = "angles")
    public void framesTheStatedWidthAtTheHero(CameraAngle angle) {
        Perspective view = Perspective.of(seen(angle));
        Vector3D left = view.project(Vector3D.of(-0.24, 0, 0.0375));
        Vector3D right = view.project(Vector3D.of(0.24, 0, 0.0375));
        assertThat(left.getX()).isCloseTo(0, within(1e-12));
        assertThat(right.getX()).isCloseTo(1, within(1e-12));
        assertThat(left.getY()).isCloseTo(0.5, within(1e-12));
    }

    @Test(dataProvider = "angles")
    public void rayAndProjectionAreEachOthersInverse(CameraAngle angle) {
        Perspective view = Perspective.of(seen(angle));
        for (double[] end : new double[][] {{0, 0}, {1, 1}, {0.2, 0.7}}) {
            Vector3D place =
                    view.project(view.eye().add(view.ray(end[0], end[1]).multiply(1.3)));
            assertThat(place.getX()).isCloseTo(end[0], within(1e-12));
            assertThat(place.getY()).isCloseTo(end[1], within(1e-12));
        }
    }

    @Test
    public void overheadHasTheBackAtTheTop() {
        Perspective view = Perspective.of(seen(CameraAngle.OVERHEAD));
        assertThat(view.project(Vector3D.of(0, 0.1, 0)).getY()).isLessThan(0.5);
        assertThat(view.eye().getX()).isZero();
    }

    @Test
    public void straightOnSeesTheTableFromJustAbove() {
        Perspective view = Perspective.of(seen(CameraAngle.STRAIGHT_ON));
        double distance = view.eye().distance(Vector3D.of(0, 0, 0.0375));
        assertThat((view.eye().getZ() - 0.0375) / distance).isCloseTo(Math.sin(Math.toRadians(5)), within(1e-12));
    }
}
