package zephyrdune.set.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;

/** Thin lens: 1/f = 1/u + 1/v and m = v/u = image size / subject size (any optics handbook; from memory). */
public class CameraTest {

    private static final Camera CAMERA = new Camera(CameraAngle.OVERHEAD, 0.05, 0.036, 0.024, 0.36);

    @Test
    public void obeysTheThinLensEquation() {
        double subject = CAMERA.subjectDistance();
        double image = CAMERA.focalLength() * (1 + CAMERA.magnification());
        assertThat(1 / subject + 1 / image).isCloseTo(1 / 0.05, within(1e-12));
        assertThat(image / subject).isCloseTo(CAMERA.magnification(), within(1e-15));
    }

    @Test
    public void atOneToOneTheSubjectIsTwoFocalLengthsAway() {
        assertThat(new Camera(CameraAngle.OVERHEAD, 0.05, 0.036, 0.024, 0.036).subjectDistance())
                .isCloseTo(0.1, within(1e-15));
    }

    @Test
    public void framesASensorShapedField() {
        assertThat(CAMERA.magnification()).isCloseTo(0.1, within(1e-15));
        assertThat(CAMERA.framedHeight()).isCloseTo(0.24, within(1e-15));
    }
}
