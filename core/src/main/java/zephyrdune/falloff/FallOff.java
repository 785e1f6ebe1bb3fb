package zephyrdune.falloff;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.measure.Stops;
import zephyrdune.table.Rim;
import zephyrdune.table.TableSet;

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
    private static final Vector3D TOWARDS_CAMERA = Vector3D.Unit.MINUS_Y;

    /** From the dish's edge nearest the light to its farthest, on level surfaces at the height of the hero's top. */
    public static FallOff acrossHero(TableSet set, KeyLight key) {
        Vector3D light = key.face().centre();
        double level = Math.hypot(light.getX(), light.getY());
        double dx = level < 1e-6 ? 1 : light.getX() / level;
        double dy = level < 1e-6 ? 0 : light.getY() / level;
        double reach = set.dish().rims().stream()
                .mapToDouble((Rim rim) -> rim.reach(dx, dy))
                .max()
                .orElseThrow();
        double top = set.dish().top();
        Vector3D near = Vector3D.of(dx * reach, dy * reach, top);
        Vector3D far = Vector3D.of(-dx * reach, -dy * reach, top);
        return between(key, near, UP, far, UP);
    }

    /** From the brighter to the dimmer end of the framed width, on the table top beside the hero point. */
    public static FallOff acrossFrame(TableSet set, KeyLight key) {
        double half = set.camera().framedWidth() / 2;
        Vector3D left = Vector3D.of(-half, 0, 0);
        Vector3D right = Vector3D.of(half, 0, 0);
        boolean leftBrighter = light(key, left, UP) >= light(key, right, UP);
        return between(key, leftBrighter ? left : right, UP, leftBrighter ? right : left, UP);
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

    /** What brings the exposure of the hero back after a move: the stops of power that the set after it needs more. */
    public static double toMakeUp(TableSet before, TableSet after) {
        return Stops.between(
                KeyLight.of(before).heroIlluminance(), KeyLight.of(after).heroIlluminance());
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
