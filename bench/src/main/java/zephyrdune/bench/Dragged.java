package zephyrdune.bench;

import zephyrdune.set.TableSet;
import zephyrdune.set.light.Light;

/** A set whose light is turned by a hair each time that it is asked for: nothing is known of it from the time before, as on a drag. */
final class Dragged {

    private static final double HAIR = 1e-9;

    private final TableSet set;
    private int times;

    Dragged(TableSet set) {
        this.set = set;
    }

    TableSet next() {
        times++;
        Light light = set.light();
        return set.withLight(light.withClock((light.clock() + HAIR * times) % (2 * Math.PI)));
    }
}
