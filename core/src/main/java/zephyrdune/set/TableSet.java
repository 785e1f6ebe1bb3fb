package zephyrdune.set;

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
 */
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
        Ambient ambient) {

    public static final LineLimit TITLE = Limits.line(TableSet.class, "title");

    private static final CountLimit PROPS = Limits.count(TableSet.class, "props");
    private static final CountLimit CARDS = Limits.count(TableSet.class, "cards");

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

    /** One of the cards, counted from 0. */
    public Card card(int at) {
        if (at < 0 || at >= cards.size()) {
            throw new Refused("cards", "There is no card %d in this set".formatted(at + 1));
        }
        return cards.get(at);
    }

    public TableSet withTitle(String newTitle) {
        return new TableSet(
                newTitle, camera, dish, props, light, base, cards, tableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withCamera(Camera newCamera) {
        return new TableSet(
                title, newCamera, dish, props, light, base, cards, tableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withDish(Dish newDish) {
        return new TableSet(
                title, camera, newDish, props, light, base, cards, tableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withProps(List<Prop> newProps) {
        return new TableSet(
                title, camera, dish, newProps, light, base, cards, tableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withLight(Light newLight) {
        return new TableSet(
                title, camera, dish, props, newLight, base, cards, tableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withBase(Base newBase) {
        return new TableSet(
                title, camera, dish, props, light, newBase, cards, tableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withCards(List<Card> newCards) {
        return new TableSet(
                title, camera, dish, props, light, base, newCards, tableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withTableTop(TableTop newTableTop) {
        return new TableSet(
                title, camera, dish, props, light, base, cards, newTableTop, backdrop, room, exposure, ambient);
    }

    public TableSet withBackdrop(Backdrop newBackdrop) {
        return new TableSet(
                title, camera, dish, props, light, base, cards, tableTop, newBackdrop, room, exposure, ambient);
    }

    public TableSet withRoom(Room newRoom) {
        return new TableSet(
                title, camera, dish, props, light, base, cards, tableTop, backdrop, newRoom, exposure, ambient);
    }

    public TableSet withExposure(Exposure newExposure) {
        return new TableSet(
                title, camera, dish, props, light, base, cards, tableTop, backdrop, room, newExposure, ambient);
    }

    public TableSet withAmbient(Ambient newAmbient) {
        return new TableSet(
                title, camera, dish, props, light, base, cards, tableTop, backdrop, room, exposure, newAmbient);
    }
}
