package zephyrdune.render.metering;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.AnyPlace;
import zephyrdune.set.camera.HeroFront;
import zephyrdune.set.camera.MeteringPoint;

/**
 * Where the meter reads, and which way it faces there.
 *
 * @param place metres
 * @param normal a unit vector
 */
public record MeterPlace(Vector3D place, Vector3D normal) {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;
    private static final Vector3D TO_CAMERA = Vector3D.Unit.MINUS_Y;

    /** Held this far before the hero's outline, metres. */
    private static final double BEFORE = 0.001;

    /** Looks down from this far over all that stands, metres. */
    private static final double ABOVE = 0.01;

    public static MeterPlace of(TableSet set, KeyLight key, Scene scene) {
        MeteringPoint point = set.exposure().metering().point();
        if (point instanceof HeroFront) {
            double out = set.dish().out(0, -1) + BEFORE;
            return new MeterPlace(Vector3D.of(0, -out, set.dish().front()), TO_CAMERA);
        }
        if (point instanceof AnyPlace any) {
            return new MeterPlace(Vector3D.of(any.x(), any.y(), height(set, scene, any.x(), any.y())), UP);
        }
        return new MeterPlace(key.brightest(), UP);
    }

    /** Height of what stands there; cards and lights do not count. */
    private static double height(TableSet set, Scene scene, double x, double y) {
        double highest = set.props().stream()
                .mapToDouble(prop -> prop.lift() + prop.body().height())
                .reduce(set.dish().height(), Math::max);
        double from = highest + ABOVE;
        Ray ray = new Ray();
        Hit hit = new Hit();
        while (from > 0) {
            ray.set(x, y, from, 0, 0, -1);
            int owner = scene.meet(ray, hit);
            if (owner < 0 || hit.distance > from) {
                return 0;
            }
            from -= hit.distance;
            if (owner == Scene.TABLE || owner >= Scene.HERO && scene.card(owner) < 0) {
                return from;
            }
        }
        return 0;
    }
}
