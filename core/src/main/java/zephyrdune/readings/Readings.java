package zephyrdune.readings;

import static zephyrdune.readings.ReadingKind.BACKDROP_LEVEL;
import static zephyrdune.readings.ReadingKind.FALL_OFF_FRAME;
import static zephyrdune.readings.ReadingKind.FALL_OFF_HERO;
import static zephyrdune.readings.ReadingKind.POINT_RULE_ERROR;
import static zephyrdune.readings.ReadingKind.SHADOW_LENGTH;
import static zephyrdune.readings.ReadingKind.SIDE_EDGE;
import static zephyrdune.readings.ReadingKind.SIZE_ACROSS;
import static zephyrdune.readings.ReadingKind.SIZE_ALONG;
import static zephyrdune.readings.ReadingKind.TIP_EDGE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.falloff.FallOff;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.illuminance.PointRule;
import zephyrdune.measure.Stops;
import zephyrdune.softness.ApparentSize;
import zephyrdune.softness.TableShadow;
import zephyrdune.table.CameraAngle;
import zephyrdune.table.TableSet;

/** Every reading of a set, in the order of {@link ReadingKind}. */
public final class Readings {

    private static final String NO_LIGHT = "The light does not reach this place";

    private Readings() {}

    public static List<Reading> of(TableSet set) {
        KeyLight key = KeyLight.of(set);
        List<Reading> readings = new ArrayList<>();
        addSize(readings, set, key.hero());
        addShadow(readings, set);
        readings.add(fallOff(FALL_OFF_HERO, FallOff.acrossHero(set, key), ""));
        readings.add(fallOff(FALL_OFF_FRAME, FallOff.acrossFrame(set, key), ""));
        readings.add(fallOff(
                BACKDROP_LEVEL,
                FallOff.heroToBackdrop(set, key),
                set.camera().angle() == CameraAngle.OVERHEAD ? "The backdrop is out of an overhead frame" : ""));
        readings.add(pointRule(set, key));
        return List.copyOf(readings);
    }

    private static void addSize(List<Reading> readings, TableSet set, Vector3D hero) {
        ApparentSize size = ApparentSize.from(hero, set.light());
        readings.add(Reading.of(SIZE_ACROSS, size.across(), "", hero));
        readings.add(Reading.of(SIZE_ALONG, size.along(), "", hero));
    }

    private static void addShadow(List<Reading> readings, TableSet set) {
        Optional<TableShadow> found = TableShadow.of(set);
        if (found.isEmpty()) {
            String why = set.light().centre().getZ() <= set.dish().height()
                    ? "The light is no higher than the rim: the shadow does not end on the table"
                    : "The light is straight above: the shadow lies under the dish";
            readings.add(Reading.absent(TIP_EDGE, why));
            readings.add(Reading.absent(SIDE_EDGE, why));
            readings.add(Reading.absent(SHADOW_LENGTH, why));
            return;
        }
        TableShadow shadow = found.get();
        String onBackdrop = shadow.tip().getY() > set.backdrop().distance()
                ? "The tip falls on the backdrop; read as if the table went on"
                : "";
        readings.add(edge(TIP_EDGE, shadow.tipWidth(), onBackdrop, shadow.tipEdge(), shadow.tip()));
        readings.add(edge(SIDE_EDGE, shadow.sideWidth(), "", shadow.sideEdge(), shadow.side()));
        readings.add(Reading.of(
                SHADOW_LENGTH,
                shadow.length(),
                onBackdrop,
                Vector3D.of(shadow.tipEdge().getX(), shadow.tipEdge().getY(), 0),
                shadow.tip()));
    }

    private static Reading edge(ReadingKind kind, double width, String note, Vector3D thrownBy, Vector3D onTable) {
        return Double.isFinite(width)
                ? Reading.of(kind, width, note, thrownBy, onTable)
                : Reading.absent(kind, "Part of the light is below the rim: the edge never ends on the table");
    }

    private static Reading fallOff(ReadingKind kind, FallOff fallOff, String note) {
        return Double.isFinite(fallOff.stops())
                ? Reading.of(kind, fallOff.stops(), note, fallOff.from(), fallOff.to())
                : Reading.absent(kind, NO_LIGHT);
    }

    private static Reading pointRule(TableSet set, KeyLight key) {
        double rule = PointRule.at(EmittingFace.of(set.light()), key.hero(), Vector3D.Unit.PLUS_Z);
        double error = Stops.between(rule, key.heroIlluminance());
        return Double.isFinite(error)
                ? Reading.of(POINT_RULE_ERROR, error, "", key.hero())
                : Reading.absent(POINT_RULE_ERROR, NO_LIGHT);
    }
}
