package zephyrdune.set.kit;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;

/** Everything that somebody owns. Sets keep their own copies: what is taken out of the kit stays on the tables it stands on. */
public record Kit(
        @Count(min = 0, max = 40) List<OwnedSource> sources,
        @Count(min = 0, max = 80) List<Shaper> shapers,
        @Count(min = 0, max = 40) List<OwnedGel> gels,
        @Count(min = 0, max = 60) List<Board> boards,
        @Count(min = 0, max = 20) List<WorkPlace> places) {

    /** Longest name of a piece, in characters. */
    public static final int NAME_LIMIT = 60;

    private static final CountLimit SOURCES = Limits.count(Kit.class, "sources");
    private static final CountLimit SHAPERS = Limits.count(Kit.class, "shapers");
    private static final CountLimit GELS = Limits.count(Kit.class, "gels");
    private static final CountLimit BOARDS = Limits.count(Kit.class, "boards");
    private static final CountLimit PLACES = Limits.count(Kit.class, "places");

    public static final Kit EMPTY = new Kit(List.of(), List.of(), List.of(), List.of(), List.of());

    public Kit {
        sources = named(SOURCES, sources, OwnedSource::name);
        shapers = named(SHAPERS, shapers, Shaper::name);
        gels = named(GELS, gels, OwnedGel::name);
        boards = named(BOARDS, boards, Board::name);
        places = named(PLACES, places, WorkPlace::name);
    }

    private static <T> List<T> named(CountLimit count, List<T> list, Function<T, String> name) {
        List<T> copy = count.copy(list);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < list.size(); i++) {
            String each = name.apply(list.get(i)).strip();
            if (!seen.add(each.toLowerCase(Locale.ROOT))) {
                throw new Refused(
                        count.field() + "[" + i + "].name",
                        "There is a “%s” already; give this one another name".formatted(each));
            }
        }
        return copy;
    }
}
