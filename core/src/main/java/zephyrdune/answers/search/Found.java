package zephyrdune.answers.search;

import java.util.List;

/**
 * How far a search has come.
 *
 * @param placements the best of those that truly differ, the best first
 * @param ruledOut why others that would have been nearer to the look are not among them, the commonest first
 * @param evaluated placements that were read
 * @param share of the work, 1 when it is done
 */
public record Found(List<Placement> placements, List<RuledOut> ruledOut, int evaluated, double share) {

    /**
     * A reason, and how many placements it struck.
     */
    public record RuledOut(String why, int placements) {}

    public Found {
        placements = List.copyOf(placements);
        ruledOut = List.copyOf(ruledOut);
    }

    public boolean done() {
        return share >= 1;
    }
}
