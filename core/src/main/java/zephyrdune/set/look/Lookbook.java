package zephyrdune.set.look;

import java.util.List;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;

/** The looks that somebody made. Sets keep their own copies. */
public record Lookbook(@Count(min = 0, max = 60) List<NamedLook> looks) {

    private static final CountLimit LOOKS = Limits.count(Lookbook.class, "looks");

    public static final Lookbook EMPTY = new Lookbook(List.of());

    public Lookbook {
        looks = LOOKS.copy(looks, "title", NamedLook::title);
    }
}
