package zephyrdune.set.light;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.power.DialMark;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The light: a source, what shapes it, the face that the shaped light comes from, and where that face is. The face is
 * level from side to side and faces its aim point, unless it is a patch on a wall; see {@link Pose}.
 *
 * @param losses of light from the source to the face, beside those that follow from how the face is filled
 * @param filling how the light is spread over the face
 * @param power setting of a fixed power control, stops below full
 * @param clock position seen from above: 12 o'clock is +y (behind the dish), 3 is +x, 6 the camera, 9 is -x
 * @param heightAngle of the face's centre above the table plane, seen from the aim point
 * @param distance from the aim point to the face's centre
 * @param doors flaps at the edges of the face
 */
@RecordBuilder
public record Light(
        Source source,
        Gel gel,
        @Count(min = 0, max = 8) List<Loss> losses,
        Face face,
        Filling filling,
        Spread spread,
        PowerChoice powerChoice,
        @Within(min = 0, max = 12, unit = Unit.STOP) double power,

        @Within(min = 0, max = 2 * Math.PI, unit = Unit.CLOCK_RADIAN)
        double clock,

        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double heightAngle,

        @Within(min = 0.05, max = 10, unit = Unit.METRE) double distance,
        Aim aim,
        Doors doors)
        implements LightBuilder.With {

    private static final Limits LIMITS = Limits.of(Light.class);
    private static final CountLimit LOSSES = Limits.count(Light.class, "losses");

    public Light {
        LIMITS.require(power, clock, heightAngle, distance);
        losses = LOSSES.copy(losses);
        Objects.requireNonNull(source);
        Objects.requireNonNull(gel);
        Objects.requireNonNull(face);
        requireFitting(filling, spread);
        requireSmall(source, filling, spread);
        Objects.requireNonNull(powerChoice);
        Objects.requireNonNull(aim);
        Objects.requireNonNull(doors);
        if (filling instanceof OffRoom && !(doors instanceof NoDoors)) {
            throw new Refused(
                    "doors", "Doors on the lamp do not cut what comes back from a wall; take them off, or use flags");
        }
    }

    /** @throws Refused for a chain that cannot be built */
    public static void requireFitting(Filling filling, Spread spread) {
        Objects.requireNonNull(filling);
        Objects.requireNonNull(spread);
        boolean stated = filling instanceof EvenlyLit || filling instanceof HotSpot;
        if (filling instanceof FromBehind && spread instanceof Bare) {
            throw new Refused("spread", "A panel lit from behind is not bare; choose how it gives its light");
        } else if (!stated && (spread instanceof Bare || spread instanceof Capped)) {
            throw new Refused(
                    "spread", "Cloth, boards and walls scatter the light: neither a bare head nor a cap is its end");
        } else if ((filling instanceof OffBoard || filling instanceof OffRoom) && !(spread instanceof Diffuse)) {
            throw new Refused(
                    "spread",
                    "A matte wall or board sends its light all round; nothing can be put before it to narrow it");
        } else if (spread instanceof Capped && !(filling instanceof EvenlyLit)) {
            throw new Refused("filling", "A cap is too small to have a hot spot; take it as evenly lit");
        }
    }

    /** @throws Refused where the source is too broad for what it is put into */
    private static void requireSmall(Source source, Filling filling, Spread spread) {
        if (!(source instanceof LedPanel)) {
            return;
        }
        if (filling instanceof InBox) {
            throw new Refused(
                    "filling",
                    "A flat LED panel does not fit into a softbox with a point at its back; take it as evenly lit, with the cloth among the losses");
        } else if (spread instanceof Capped || spread instanceof Honeycomb || spread instanceof Snooted) {
            throw new Refused(
                    "spread", "A flat LED panel takes no cap, honeycomb or snoot: these are for small round heads");
        }
    }

    /** All that is stated to be lost, in stops, and what the gel swallows. */
    public double loss() {
        return gel.loss() + losses.stream().mapToDouble(Loss::amount).sum();
    }

    /** The marks of its power control, from full downwards. */
    public List<DialMark> marks() {
        return source.dial().marks();
    }

    /** From the aim point towards the centre of the face, a unit vector. */
    public Vector3D direction() {
        double level = Math.cos(heightAngle);
        return Vector3D.of(Math.sin(clock) * level, Math.cos(clock) * level, Math.sin(heightAngle));
    }

    /** Centre of the face, metres from the hero point. */
    public Vector3D centre() {
        return direction().multiply(distance).add(aim.point());
    }

    /** Along the face's width, a level unit vector. */
    public Vector3D widthAxis() {
        return Vector3D.of(-Math.cos(clock), Math.sin(clock), 0);
    }

    /** Along the face's height, a unit vector pointing upwards. */
    public Vector3D heightAxis() {
        double lean = -Math.sin(heightAngle);
        return Vector3D.of(Math.sin(clock) * lean, Math.cos(clock) * lean, Math.cos(heightAngle));
    }

    /** This light where another one stands. */
    public Light withPlaceOf(Light there) {
        return with(light -> light.clock(there.clock)
                .heightAngle(there.heightAngle)
                .distance(there.distance)
                .aim(there.aim));
    }

    public Light withPower(PowerChoice choice, double newPower) {
        return with(light -> light.powerChoice(choice).power(newPower));
    }
}
