package zephyrdune.table;

import java.util.List;

/** Flaps at the edges of a light's face that cut its light off. */
public sealed interface Doors permits NoDoors, BarnDoors {

    /** The flaps of a face that stands somewhere. */
    List<Panel> panels(Pose pose);
}
