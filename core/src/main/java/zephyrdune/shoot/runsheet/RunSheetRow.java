package zephyrdune.shoot.runsheet;

import java.util.List;
import java.util.OptionalDouble;
import zephyrdune.shoot.change.SetChange;

/**
 * A dish on the run sheet. Times are minutes of the day.
 *
 * @param change what is done before it comes to the table
 * @param within what changes between its own shots, one fewer than there are
 * @param kitchenStarts when the kitchen begins its first plate
 * @param ready when that is ready
 * @param holdsUntil when the first plate looks good no longer
 * @param plates how many the kitchen makes
 * @param roomOff by how many stops the room is brighter than its sets want it; empty where it does not change
 * @param why why it comes here, in a sentence
 */
public record RunSheetRow(
        String key,
        String name,
        SetChange change,
        List<SetChange> within,
        double changeStarts,
        double changeEnds,
        double kitchenStarts,
        double ready,
        double starts,
        double ends,
        double holdsUntil,
        int plates,
        OptionalDouble roomOff,
        String why) {

    public RunSheetRow {
        within = List.copyOf(within);
    }
}
