package zephyrdune.set;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.Base;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Pose;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.look.Look;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.TableTop;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;

/**
 * The set on the table: everything that decides the picture and the readings, as one value.
 *
 * <p>It can only be built when it could stand on a real table; see {@link Clearance}.
 *
 * @param dish the hero, on the hero point
 * @param props what else stands on the table
 * @param look what the picture is meant to look like; nothing of it is computed from
 */
@RecordBuilder
public record TableSet(
        @Line(max = 80) String title,
        Camera camera,
        Dish dish,
        @Count(min = 0, max = 40) List<Prop> props,
        Light light,
        Base base,
        @Count(min = 0, max = 12) List<Card> cards,
        TableTop tableTop,
        Backdrop backdrop,
        Room room,
        Exposure exposure,
        Ambient ambient,
        Look look)
        implements TableSetBuilder.With {

    public static final LineLimit TITLE = Limits.line(TableSet.class, "title");

    private static final CountLimit PROPS = Limits.count(TableSet.class, "props");
    private static final CountLimit CARDS = Limits.count(TableSet.class, "cards");

    private static final double ANY_APERTURE = 8;
    private static final double ANY_SPEED = 100;

    public TableSet {
        TITLE.require(title);
        Objects.requireNonNull(camera);
        Objects.requireNonNull(dish);
        props = PROPS.copy(props);
        Objects.requireNonNull(light);
        Objects.requireNonNull(base);
        cards = CARDS.copy(cards);
        Objects.requireNonNull(room);
        Objects.requireNonNull(tableTop);
        Objects.requireNonNull(backdrop);
        Objects.requireNonNull(exposure);
        Objects.requireNonNull(ambient);
        Objects.requireNonNull(look);
        Clearance.require(new Parts(camera, dish, props, light, base, cards, tableTop, backdrop, room, ambient));
    }

    /** What takes up room, before it is a set. */
    record Parts(
            Camera camera,
            Dish dish,
            List<Prop> props,
            Light light,
            Base base,
            List<Card> cards,
            TableTop tableTop,
            Backdrop backdrop,
            Room room,
            Ambient ambient) {}

    /** Where the light's face and its source are. */
    public Pose pose() {
        return Pose.of(light, room);
    }

    /** The barn doors of the light, if it has any. */
    public List<Panel> doors() {
        return light.doors().panels(pose());
    }

    /** Whether any card on the table is cut with a pattern. */
    public boolean patterned() {
        return cards.stream().anyMatch(card -> card.cut().patterned());
    }

    /** One of the cards, counted from 0. */
    public Card card(int at) {
        if (at < 0 || at >= cards.size()) {
            throw new Refused("cards", "There is no card %d in this set".formatted(at + 1));
        }
        return cards.get(at);
    }

    /**
     * This set with aperture, speed, bias and power put aside, of which the light on the table at full power knows nothing: sets that differ in
     * these alone come to the same one.
     */
    public TableSet atAnySettings() {
        return with(any -> any.exposure(exposure.with(settings ->
                        settings.aperture(ANY_APERTURE).speed(ANY_SPEED).bias(0)))
                .light(light.withPower(PowerChoice.FOLLOWS, 0)));
    }
}
