package zephyrdune.table;

import java.util.List;

/** Nothing at the edges of the face. */
public record NoDoors() implements Doors {

    @Override
    public List<Panel> panels(Pose pose) {
        return List.of();
    }
}
