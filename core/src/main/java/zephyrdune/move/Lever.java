package zephyrdune.move;

import java.util.function.ToDoubleFunction;
import zephyrdune.table.Backdrop;
import zephyrdune.table.Disc;
import zephyrdune.table.Face;
import zephyrdune.table.Light;
import zephyrdune.table.Octagon;
import zephyrdune.table.Rectangle;
import zephyrdune.table.Strip;
import zephyrdune.table.TableSet;

/** The one thing that is changed to reach a wanted reading. */
public enum Lever {
    /** Distance of the light from its aim point, along its present direction. */
    LIGHT_DISTANCE(0.05, 10, set -> set.light().distance()) {
        @Override
        public TableSet set(TableSet set, double metres) {
            return set.withLight(set.light().withDistance(metres));
        }
    },
    /** Size of the face, both ways alike; as its width. */
    FACE_SIZE(0.02, 3, set -> set.light().face().across()) {
        @Override
        public TableSet set(TableSet set, double metres) {
            Light light = set.light();
            return set.withLight(
                    light.withFace(scaled(light.face(), metres / light.face().across())));
        }
    },
    /** Distance of the backdrop behind the hero. */
    BACKDROP_DISTANCE(0.1, 10, set -> set.backdrop().distance()) {
        @Override
        public TableSet set(TableSet set, double metres) {
            Backdrop old = set.backdrop();
            return set.withBackdrop(new Backdrop(metres, old.width(), old.height(), old.surface()));
        }
    };

    private final double least;
    private final double most;
    private final ToDoubleFunction<TableSet> now;

    Lever(double least, double most, ToDoubleFunction<TableSet> now) {
        this.least = least;
        this.most = most;
        this.now = now;
    }

    /** The least that is tried, metres. */
    public double least() {
        return least;
    }

    /** The most that is tried, metres. */
    public double most() {
        return most;
    }

    /** Where it stands, metres. */
    public double now(TableSet set) {
        return now.applyAsDouble(set);
    }

    /**
     * The set with the lever somewhere else.
     *
     * @throws zephyrdune.measure.Refused where that cannot be
     */
    public abstract TableSet set(TableSet set, double metres);

    private static Face scaled(Face face, double by) {
        if (face instanceof Rectangle rectangle) {
            return new Rectangle(rectangle.width() * by, rectangle.height() * by);
        } else if (face instanceof Strip strip) {
            return new Strip(strip.length() * by, strip.breadth() * by, strip.stance());
        } else if (face instanceof Octagon octagon) {
            return new Octagon(octagon.acrossFlats() * by);
        }
        return new Disc(((Disc) face).diameter() * by);
    }
}
