package zephyrdune.answers.finding;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.CoarseFilm;
import zephyrdune.set.TableSet;
import zephyrdune.units.sampling.Sureness;

/** A set that is looked over, with what several looks need of it. Used by one thread. */
final class Inspection {

    /** Places of the frame looked at, across and down. */
    private static final int COLUMNS = 13;

    private static final int ROWS = 9;

    final TableSet set;
    private final Sureness sureness;
    final KeyLight key;
    final Perspective view;
    private List<Vector3D> framed;
    private MeteredExposure hero;
    private CoarseFilm coarse;

    Inspection(TableSet set) {
        this(set, Sureness.AT_REST);
    }

    Inspection(TableSet set, Sureness sureness) {
        this.set = set;
        this.sureness = sureness;
        key = KeyLight.of(set);
        view = Perspective.of(set);
    }

    /** The exposure where the meter reads. */
    MeteredExposure hero() {
        if (hero == null) {
            hero = MeteredExposure.of(set, key, sureness);
        }
        return hero;
    }

    /** The picture's tones. */
    CoarseFilm coarse() {
        if (coarse == null) {
            coarse = new CoarseFilm(set);
        }
        return coarse;
    }

    /** Places of the table that the frame shows. */
    List<Vector3D> framed() {
        if (framed == null) {
            framed = new ArrayList<>();
            for (int row = 0; row < ROWS; row++) {
                for (int column = 0; column < COLUMNS; column++) {
                    Vector3D ray = view.ray(column / (COLUMNS - 1.0), row / (ROWS - 1.0));
                    double length = -view.eye().getZ() / ray.getZ();
                    Vector3D place = view.eye().add(ray.multiply(length));
                    if (ray.getZ() < 0 && onTable(place)) {
                        framed.add(place);
                    }
                }
            }
        }
        return framed;
    }

    private boolean onTable(Vector3D place) {
        return place.getX() > -set.tableTop().left()
                && place.getX() < set.tableTop().right()
                && place.getY() > -set.tableTop().before()
                && place.getY()
                        < Math.min(set.tableTop().behind(), set.backdrop().distance());
    }
}
