package zephyrdune.table;

import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * The camera: its angle, lens and sensor, and how wide a strip it frames at the hero.
 *
 * <p>The thin lens fixes the rest. With magnification m = sensor width / framed width, focused on the hero, the subject
 * lies f (1 + 1/m) in front of the lens and the image f (1 + m) behind it.
 */
public record Camera(
        CameraAngle angle,
        @Within(min = 0.012, max = 0.3, unit = Unit.METRE) double focalLength,
        @Within(min = 0.004, max = 0.06, unit = Unit.METRE) double sensorWidth,
        @Within(min = 0.003, max = 0.06, unit = Unit.METRE) double sensorHeight,
        @Within(min = 0.03, max = 3, unit = Unit.METRE) double framedWidth) {

    private static final Limits LIMITS = Limits.of(Camera.class);

    public Camera {
        Objects.requireNonNull(angle);
        LIMITS.require(focalLength, sensorWidth, sensorHeight, framedWidth);
    }

    /** Image size over subject size, for what is in focus. */
    public double magnification() {
        return sensorWidth / framedWidth;
    }

    /** Lens to focused subject, metres. */
    public double subjectDistance() {
        return focalLength * (1 + 1 / magnification());
    }

    /** Height of the frame at the hero, square to the lens axis, metres. */
    public double framedHeight() {
        return framedWidth * sensorHeight / sensorWidth;
    }

    /** From the hero towards the lens, a unit vector. */
    public Vector3D towardsLens() {
        return Vector3D.of(0, -Math.cos(angle.elevation()), Math.sin(angle.elevation()));
    }

    /** Upwards in the picture, a unit vector. */
    public Vector3D up() {
        return Vector3D.of(0, Math.sin(angle.elevation()), Math.cos(angle.elevation()));
    }
}
