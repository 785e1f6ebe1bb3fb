package zephyrdune.set.light;

import java.util.List;
import zephyrdune.set.card.Panel;

/** Nothing at the edges of the face. */
public record NoDoors() implements Doors {

    @Override
    public List<Panel> panels(Pose pose) {
        return List.of();
    }
}
