package zephyrdune.answers.shadow;

import java.util.Optional;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.picture.Metered;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.TableTop;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.sampling.Sureness;

/**
 * How dark the hero's shadow is: all light on the table in the middle of it, against the same place without the hero. What
 * table, walls, cards and the room give is in both.
 *
 * <p>Found by traced rounds, and the same for the same set.
 *
 * @param place on the table or what lies flat on it, half way from where the shadow comes out from under the dish to its tip, or to where
 *     the table or its way to the backdrop ends, metres
 * @param stops by which it is darker
 * @param error standard error of that, stops
 */
public record ShadowDepth(Vector3D place, double stops, double error) {

    /** What is no higher than this lies flat, metres. */
    private static final double FLAT = 0.02;

    /** The depth, or nothing where the light throws no shadow on the table beside the dish. */
    public static Optional<ShadowDepth> of(TableSet set, KeyLight key) {
        return of(set, TableShadow.of(set), Mix.of(set, Set.of(), key), Sureness.AT_REST);
    }

    /** The depth in a mix of light, in the shadow that the key throws. */
    public static Optional<ShadowDepth> of(TableSet set, Optional<TableShadow> thrown, Mix mix, Sureness sureness) {
        return place(set, thrown).map(place -> {
            Metered there = new Metered(set, Scene.of(set), place, Vector3D.Unit.PLUS_Z, mix);
            Metered without = new Metered(set, Scene.withoutHero(set), place, Vector3D.Unit.PLUS_Z, mix);
            double error = Metered.settle(there, without, sureness);
            return new ShadowDepth(place, Stops.between(without.light(), there.light()), error);
        });
    }

    /** Where it is read in the shadow that the key throws; nothing where that is not on the table. */
    public static Optional<Vector3D> place(TableSet set, Optional<TableShadow> thrown) {
        return thrown.flatMap(shadow -> middle(set, shadow)).map(middle -> surface(set, middle));
    }

    /** The middle of what is to be seen of the shadow on the table. */
    private static Optional<Vector3D> middle(TableSet set, TableShadow shadow) {
        TableTop table = set.tableTop();
        Vector3D from = shadow.from();
        double behind = Math.min(table.behind(), set.backdrop().distance());
        if (shadow.hidden() || !table.holds(from.getX(), from.getY()) || from.getY() >= behind) {
            return Optional.empty();
        }
        Vector3D way = shadow.tip().subtract(from);
        double part = Math.min(
                room(from.getX(), way.getX(), table.left(), table.right()),
                room(from.getY(), way.getY(), table.before(), behind));
        return part > 0 ? Optional.of(from.add(way.multiply(part / 2))) : Optional.empty();
    }

    /** Share of a way, at most all of it, that stays between two ends. */
    private static double room(double from, double way, double before, double behind) {
        double end = way < 0 ? -before : behind;
        return way == 0 ? 1 : Math.min(1, (end - from) / way);
    }

    /** The place on what lies flat on the table there: cloth, cutlery, a board. */
    private static Vector3D surface(TableSet set, Vector3D onTable) {
        Ray down = new Ray();
        down.set(onTable.getX(), onTable.getY(), FLAT, 0, 0, -1);
        Hit hit = new Hit();
        Scene.withoutHero(set).meet(down, hit);
        return Vector3D.of(onTable.getX(), onTable.getY(), FLAT - hit.distance);
    }
}
