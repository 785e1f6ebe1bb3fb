package zephyrdune.shoot.runsheet;

import java.util.List;
import java.util.Optional;

/**
 * How far a shoot has come.
 *
 * @param now minutes of the day; nothing can begin before
 * @param done keys of the dishes that are done, in the order in which they were
 * @param onTable the dish that is being photographed
 * @param cooking dishes that the kitchen has begun, and when; they cannot wait for longer than they hold
 * @param standing what the set is kept under that stands on the table; empty for an empty table
 */
public record RunState(
        double now, List<String> done, Optional<Begun> onTable, List<Begun> cooking, Optional<String> standing) {

    /**
     * A dish that was begun.
     *
     * @param since minutes of the day
     */
    public record Begun(String key, double since) {}

    public RunState {
        done = List.copyOf(done);
        cooking = List.copyOf(cooking);
    }

    /** Before anything was begun. */
    public static RunState before(double starts) {
        return new RunState(starts, List.of(), Optional.empty(), List.of(), Optional.empty());
    }
}
