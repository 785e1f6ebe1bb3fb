package zephyrdune.answers.photograph;

import java.util.List;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;

/**
 * Something upright on the table, with its shadow.
 *
 * @param foot where it stands on the table, straight below what is marked as its top
 * @param top a point at its top: the tip of a bottle, a corner of a box
 * @param tip where the shadow of that very point falls on the table
 * @param edges lines across the edges of its shadow
 */
public record StandingThing(
        Mark foot,
        Mark top,
        Mark tip,
        @Count(min = 0, max = 4) List<ShadowLine> edges) {

    private static final CountLimit EDGES = Limits.count(StandingThing.class, "edges");

    public StandingThing {
        edges = EDGES.copy(edges);
    }
}
