package zephyrdune.set.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.room.OpenRoom;

public class LightTest {

    /** Clock positions as photographers say them: 12 behind the dish, 3 right, 6 at the camera, 9 left. */
    @DataProvider
    Object[][] clock() {
        return new Object[][] {{12, 0, 1}, {3, 1, 0}, {6, 0, -1}, {9, -1, 0}, {1.5, Math.sqrt(0.5), Math.sqrt(0.5)}};
    }

    @Test(dataProvider = "clock")
    public void standsAtItsClock(double hour, double x, double y) {
        Vector3D centre = box(0.6, 0.6, hour, 0, 1).centre();
        assertThat(centre.distance(Vector3D.of(x, y, 0))).isLessThan(1e-12);
    }

    @Test
    public void heightAngleAndDistanceAreSeenFromTheAimPoint() {
        Light box = Sets.softbox(0.6, 0.9, 3 * Math.PI / 6, Math.toRadians(30), 2, new Aim(0.1, 0.2, 0.3));
        assertThat(box.centre().distance(Vector3D.of(0.1 + Math.sqrt(3), 0.2, 1.3)))
                .isLessThan(1e-12);
    }

    @Test
    public void facesItsAimSquarely() {
        Light box = Sets.softbox(0.6, 0.9, 1.1, 0.7, 1.5, new Aim(0.1, -0.2, 0.05));
        assertThat(box.widthAxis().dot(box.direction())).isCloseTo(0, within(1e-15));
        assertThat(box.heightAxis().dot(box.direction())).isCloseTo(0, within(1e-15));
        assertThat(box.widthAxis().getZ()).isZero();
        assertThat(box.heightAxis().getZ()).isPositive();
        assertThat(box.widthAxis().cross(box.heightAxis()).distance(box.direction()))
                .isLessThan(1e-15);
    }

    @Test
    public void cornersSpanItsSize() {
        Light box = box(0.6, 0.9, 10, 35, 1.2);
        assertThat(Pose.of(box, new OpenRoom())
                        .outline(box)
                        .get(0)
                        .distance(Pose.of(box, new OpenRoom()).outline(box).get(1)))
                .isCloseTo(0.6, within(1e-12));
        assertThat(Pose.of(box, new OpenRoom())
                        .outline(box)
                        .get(1)
                        .distance(Pose.of(box, new OpenRoom()).outline(box).get(2)))
                .isCloseTo(0.9, within(1e-12));
    }
}
