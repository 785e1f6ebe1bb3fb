package zephyrdune.light.falloff;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.units.measure.Stops;

/**
 * The difference of the key's light between two places, past cards and flags. Under a thrown pattern the light is compared as it would be
 * without the pattern: from patch to dark it says nothing of how light falls off.
 *
 * @param from the place compared with, metres
 * @param to the place compared, metres
 * @param stops illuminance at {@code to} over that at {@code from}, in stops: negative where {@code to} is dimmer
 * @param rule what the inverse-square law of a point gives for the same, by the distances alone; shown beside the exact
 *     value and used for nothing
 */
public record FallOff(Vector3D from, Vector3D to, double stops, double rule) {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;
    /** Sine of a camera's elevation under which the table is seen from the side. */
    private static final double LOW = 0.2;

    private static final Vector3D TOWARDS_CAMERA = Vector3D.Unit.MINUS_Y;

    /** From the dish's edge nearest the light to its farthest, on level surfaces at the height of the hero's top. */
    public static FallOff acrossHero(TableSet set, KeyLight key) {
        Vector3D light = key.face().centre();
        double level = Math.hypot(light.getX(), light.getY());
        double dx = level < 1e-6 ? 1 : light.getX() / level;
        double dy = level < 1e-6 ? 0 : light.getY() / level;
        double out = set.dish().out(dx, dy);
        double top = set.dish().top();
        Vector3D near = Vector3D.of(dx * out, dy * out, top);
        Vector3D far = Vector3D.of(-dx * out, -dy * out, top);
        return between(key, near, UP, far, UP);
    }

    /** From the brighter to the dimmer end of the framed width, on the table top through the hero point, or as far from it as the frame is moved. */
    public static FallOff acrossFrame(TableSet set, KeyLight key) {
        Camera camera = set.camera();
        double half = camera.framedWidth() / 2;
        double y = Math.min(moved(camera), set.backdrop().distance());
        Vector3D left = Vector3D.of(camera.shiftRight() - half, y, 0);
        Vector3D right = Vector3D.of(camera.shiftRight() + half, y, 0);
        boolean leftBrighter = light(key, left, UP) >= light(key, right, UP);
        return between(key, leftBrighter ? left : right, UP, leftBrighter ? right : left, UP);
    }

    /** How far back on the table a frame has gone that was moved up; from low over the table it sees the same row at any height. */
    private static double moved(Camera camera) {
        double sine = Math.sin(camera.elevation());
        return sine < LOW ? 0 : camera.shiftUp() / sine;
    }

    /** From the hero's lit top to the backdrop straight behind it at the same height. */
    public static FallOff heroToBackdrop(TableSet set, KeyLight key) {
        Vector3D behind = Vector3D.of(0, set.backdrop().distance(), set.dish().top());
        return new FallOff(
                key.hero(),
                behind,
                Stops.between(key.at(behind, TOWARDS_CAMERA), key.heroIlluminance()),
                rule(key, key.hero(), behind));
    }

    private static FallOff between(KeyLight key, Vector3D from, Vector3D fromNormal, Vector3D to, Vector3D toNormal) {
        return new FallOff(
                from, to, Stops.between(light(key, to, toNormal), light(key, from, fromNormal)), rule(key, from, to));
    }

    private static double light(KeyLight key, Vector3D place, Vector3D normal) {
        return key.patterned() ? key.openAt(place, normal) : key.at(place, normal);
    }

    private static double rule(KeyLight key, Vector3D from, Vector3D to) {
        Vector3D light = key.face().centre();
        return 2 * Stops.between(light.distance(from), light.distance(to));
    }
}
