package zephyrdune.answers.photograph;

import java.util.List;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;

/** What somebody marked on a photograph. */
public record PhotographMarks(
        TablePlane plane,
        TakingLens lens,
        @Count(min = 0, max = 6) List<StandingThing> things,
        @Count(min = 0, max = 12) List<ToneSpot> spots,
        @Count(min = 0, max = 4) List<Mark> highlights) {

    private static final CountLimit THINGS = Limits.count(PhotographMarks.class, "things");
    private static final CountLimit SPOTS = Limits.count(PhotographMarks.class, "spots");
    private static final CountLimit HIGHLIGHTS = Limits.count(PhotographMarks.class, "highlights");

    public PhotographMarks {
        things = THINGS.copy(things);
        spots = SPOTS.copy(spots);
        highlights = HIGHLIGHTS.copy(highlights);
    }
}
