package zephyrdune.set.light;

import java.util.List;
import zephyrdune.set.card.Panel;

/** Flaps at the edges of a light's face that cut its light off. */
public sealed interface Doors permits NoDoors, BarnDoors {

    /** The flaps of a face that stands somewhere. */
    List<Panel> panels(Pose pose);
}
