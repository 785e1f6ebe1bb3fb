package zephyrdune.set.camera;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The camera: its angle, lens and sensor, and how wide a strip it frames at the hero.
 *
 * <p>The thin lens fixes the rest. With magnification m = sensor width / framed width, focused on the hero, the subject
 * lies f (1 + 1/m) in front of the lens and the image f (1 + m) behind it.
 *
 * @param elevation of the lens axis above the table plane, seen from the subject
 * @param shiftRight how far the camera is moved sideways, so that the frame's middle lies right of the hero's
 * @param shiftUp how far it is moved up in the picture, square to the lens axis
 */
@RecordBuilder
public record Camera(
        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double elevation,

        @Within(min = 0.012, max = 0.3, unit = Unit.METRE) double focalLength,
        @Within(min = 0.004, max = 0.06, unit = Unit.METRE) double sensorWidth,
        @Within(min = 0.003, max = 0.06, unit = Unit.METRE) double sensorHeight,
        @Within(min = 0.03, max = 3, unit = Unit.METRE) double framedWidth,
        @Within(min = -1, max = 1, unit = Unit.METRE) double shiftRight,
        @Within(min = -1, max = 1, unit = Unit.METRE) double shiftUp,
        TextSpace textSpace)
        implements CameraBuilder.With {

    private static final Limits LIMITS = Limits.of(Camera.class);

    public Camera {
        LIMITS.require(elevation, focalLength, sensorWidth, sensorHeight, framedWidth, shiftRight, shiftUp);
        Objects.requireNonNull(textSpace);
    }

    /** A camera at one of the usual angles, with the hero in the middle of the frame. */
    public Camera(CameraAngle angle, double focalLength, double sensorWidth, double sensorHeight, double framedWidth) {
        this(angle.elevation(), focalLength, sensorWidth, sensorHeight, framedWidth, 0, 0, TextSpace.NONE);
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
        return Vector3D.of(0, -Math.cos(elevation), Math.sin(elevation));
    }

    /** From the hero's middle to the middle of the frame, metres. */
    public Vector3D shift() {
        return Vector3D.of(shiftRight, 0, 0).add(up().multiply(shiftUp));
    }

    /** The lens of a camera that frames a subject whose middle is so high above the hero point, metres. */
    public Vector3D lens(double middleHeight) {
        return Vector3D.of(0, 0, middleHeight).add(shift()).add(towardsLens().multiply(subjectDistance()));
    }

    /** Whether it looks straight down, or as good as. */
    public boolean overhead() {
        return elevation > Math.toRadians(80);
    }

    /** Upwards in the picture, a unit vector. */
    public Vector3D up() {
        return Vector3D.of(0, Math.sin(elevation), Math.cos(elevation));
    }
}
