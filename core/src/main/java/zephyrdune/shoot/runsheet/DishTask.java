package zephyrdune.shoot.runsheet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.Plates;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.Shot;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.SetChange;
import zephyrdune.shoot.change.SetChanges;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.daylight.RoomNeed;

/**
 * A dish as the run sheet reckons with it.
 *
 * @param sets of its shots, one each, where there is one
 * @param within what changes between its own shots
 * @param plates that the kitchen makes of it
 * @param needs of the room's own light, of each of its sets
 * @param lasts from its first plate on the table to its last frame, minutes
 * @param slack how long a plate may stand before its first frame, minutes; below zero where it does not hold for its own frames
 */
record DishTask(
        ShootDish dish,
        List<Optional<MeasuredSet>> sets,
        List<SetChange> within,
        List<RoomNeed> needs,
        int plates,
        double lasts,
        double slack) {

    /** @param room whether its light changes through the day */
    static DishTask of(
            ShootDish dish, Map<String, MeasuredSet> kept, SetChanges changes, StepMinutes minutes, boolean room) {
        List<Optional<MeasuredSet>> sets =
                dish.shots().stream().map(shot -> set(shot, kept)).toList();
        List<SetChange> within = IntStream.range(1, sets.size())
                .mapToObj(at -> changes.between(
                        sets.get(at - 1), sets.get(at), dish.shots().get(at).title()))
                .toList();
        double frames = dish.shots().stream().mapToDouble(Shot::lasts).sum();
        double all = frames + within.stream().mapToDouble(minutes::of).sum();
        int plates = dish.plates() == Plates.AS_NEEDED ? (int) Math.max(1, Math.ceil(all / dish.holds())) : 1;
        double each = all / plates;
        double lasts = plates == 1 ? all : Math.max(all, (plates - 1) * dish.prepares() + each);
        List<RoomNeed> needs = room
                ? sets.stream()
                        .flatMap(Optional::stream)
                        .map(one -> RoomNeed.of(one.set()))
                        .toList()
                : List.of();
        return new DishTask(dish, sets, within, needs, plates, lasts, dish.holds() - each);
    }

    private static Optional<MeasuredSet> set(Shot shot, Map<String, MeasuredSet> kept) {
        return shot.set() instanceof KeptSet known ? Optional.ofNullable(kept.get(known.id())) : Optional.empty();
    }

    Optional<MeasuredSet> first() {
        return sets.get(0);
    }

    Optional<MeasuredSet> last() {
        return sets.get(sets.size() - 1);
    }

    /** For how long the kitchen goes on with it after its first plate has left, minutes. */
    double cookedOn() {
        return plates == 1 ? 0 : (plates - 1) * dish.prepares();
    }
}
