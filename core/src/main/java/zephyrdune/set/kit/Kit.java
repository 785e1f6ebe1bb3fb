package zephyrdune.set.kit;

import java.util.List;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;

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
        sources = SOURCES.copy(sources, "name", OwnedSource::name);
        shapers = SHAPERS.copy(shapers, "name", Shaper::name);
        gels = GELS.copy(gels, "name", OwnedGel::name);
        boards = BOARDS.copy(boards, "name", Board::name);
        places = PLACES.copy(places, "name", WorkPlace::name);
    }
}
