package zephyrdune.table;

import java.util.Objects;
import zephyrdune.measure.Refused;

/**
 * The set on the table: everything that decides the picture and the readings, as one value.
 *
 * <p>It can only be built when it could stand on a real table; see {@link Clearance}.
 */
public record TableSet(
        String title,
        Camera camera,
        Dish dish,
        Light light,
        TableTop tableTop,
        Backdrop backdrop,
        Exposure exposure,
        Ambient ambient) {

    /** Longest title, in characters. */
    public static final int TITLE_LIMIT = 80;

    public TableSet {
        Objects.requireNonNull(title);
        Objects.requireNonNull(camera);
        Objects.requireNonNull(dish);
        Objects.requireNonNull(light);
        Objects.requireNonNull(tableTop);
        Objects.requireNonNull(backdrop);
        Objects.requireNonNull(exposure);
        Objects.requireNonNull(ambient);
        if (title.isBlank() || title.length() > TITLE_LIMIT) {
            throw new Refused("title", "A set needs a title of 1 to " + TITLE_LIMIT + " characters");
        }
        if (title.chars().anyMatch(Character::isISOControl)) {
            throw new Refused("title", "A title is one line without control characters");
        }
        Clearance.require(camera, dish, light, backdrop);
    }

    public TableSet withTitle(String newTitle) {
        return new TableSet(newTitle, camera, dish, light, tableTop, backdrop, exposure, ambient);
    }

    public TableSet withLight(Light newLight) {
        return new TableSet(title, camera, dish, newLight, tableTop, backdrop, exposure, ambient);
    }

    public TableSet withCamera(Camera newCamera) {
        return new TableSet(title, newCamera, dish, light, tableTop, backdrop, exposure, ambient);
    }

    public TableSet withDish(Dish newDish) {
        return new TableSet(title, camera, newDish, light, tableTop, backdrop, exposure, ambient);
    }

    public TableSet withBackdrop(Backdrop newBackdrop) {
        return new TableSet(title, camera, dish, light, tableTop, newBackdrop, exposure, ambient);
    }

    public TableSet withExposure(Exposure newExposure) {
        return new TableSet(title, camera, dish, light, tableTop, backdrop, newExposure, ambient);
    }

    public TableSet withAmbient(Ambient newAmbient) {
        return new TableSet(title, camera, dish, light, tableTop, backdrop, exposure, newAmbient);
    }
}
