package zephyrdune.kit;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import zephyrdune.measure.Count;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Refused;

/** Everything that somebody owns. Sets keep their own copies: what is taken out of the kit stays on the tables it stands on. */
public record Kit(
        @Count(min = 0, max = 40) List<OwnedSource> sources,
        @Count(min = 0, max = 80) List<Shaper> shapers,
        @Count(min = 0, max = 60) List<Board> boards,
        @Count(min = 0, max = 20) List<WorkPlace> places) {

    /** Longest name of a piece, in characters. */
    public static final int NAME_LIMIT = 60;

    public static final Kit EMPTY = new Kit(List.of(), List.of(), List.of(), List.of());

    public Kit {
        sources = named("sources", sources, OwnedSource::name);
        shapers = named("shapers", shapers, Shaper::name);
        boards = named("boards", boards, Board::name);
        places = named("places", places, WorkPlace::name);
    }

    static void requireName(String name) {
        if (name.isBlank() || name.length() > NAME_LIMIT || name.chars().anyMatch(Character::isISOControl)) {
            throw new Refused("name", "Give it a name of 1 to " + NAME_LIMIT + " characters on one line");
        }
    }

    private static <T> List<T> named(String component, List<T> list, Function<T, String> name) {
        Limits.requireCount(Kit.class, component, list);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < list.size(); i++) {
            String each = name.apply(list.get(i)).strip();
            if (!seen.add(each.toLowerCase(Locale.ROOT))) {
                throw new Refused(
                        component + "[" + i + "].name",
                        "There is a “%s” already; give this one another name".formatted(each));
            }
        }
        return List.copyOf(list);
    }
}
