package zephyrdune.shoot.runsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.Shot;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.SetChange;
import zephyrdune.shoot.change.SetChanges;
import zephyrdune.shoot.change.StepMinutes.TimedChange;
import zephyrdune.shoot.runsheet.RunState.Begun;
import zephyrdune.shoot.runsheet.ShootEvent.What;

/** What happened at a shoot, in the order of its times, whatever order it came in. */
public final class ShootEvents {

    /** Whoever takes longer had something else to do, minutes. */
    private static final double LONGEST_CHANGE = 90;

    private final Shoot shoot;
    private final List<ShootEvent> inOrder;

    public ShootEvents(Shoot shoot, List<ShootEvent> events) {
        this.shoot = shoot;
        inOrder = events.stream()
                .filter(event -> shoot.dish(event.key()).isPresent())
                .sorted(Comparator.comparingDouble(ShootEvent::at))
                .toList();
    }

    /** How far the shoot has come. */
    public RunState state(double now) {
        Map<String, ShootEvent> latest = new HashMap<>();
        List<String> done = new ArrayList<>();
        Optional<String> standing = Optional.empty();
        for (ShootEvent event : inOrder) {
            latest.put(event.key(), event);
            done.remove(event.key());
            if (event.what() == What.DONE) {
                done.add(event.key());
            }
            Optional<String> stands = stands(event);
            standing = stands.isPresent() ? stands : standing;
        }
        Optional<Begun> onTable = inOrder.stream()
                .filter(event -> event.what() == What.ON_TABLE && latest.get(event.key()) == event)
                .reduce((one, other) -> other)
                .map(event -> new Begun(event.key(), event.at()));
        return new RunState(Math.max(now, shoot.starts() * 60), done, onTable, cooking(latest), standing);
    }

    /** The set that stands after an event. */
    private Optional<String> stands(ShootEvent event) {
        List<Shot> shots = shoot.dish(event.key()).orElseThrow().shots();
        return switch (event.what()) {
            case SET_STANDS, ON_TABLE -> id(shots.get(0));
            case DONE -> id(shots.get(shots.size() - 1));
            default -> Optional.empty();
        };
    }

    private static Optional<String> id(Shot shot) {
        return shot.set() instanceof KeptSet kept ? Optional.of(kept.id()) : Optional.empty();
    }

    private List<Begun> cooking(Map<String, ShootEvent> latest) {
        return shoot.dishes().stream()
                .map(ShootDish::key)
                .flatMap(key -> since(key, latest.get(key)).stream().mapToObj(at -> new Begun(key, at)))
                .toList();
    }

    /** When the kitchen began a dish that is neither on the table nor done. */
    private OptionalDouble since(String key, ShootEvent latest) {
        if (latest == null
                || latest.what() == What.DONE
                || latest.what() == What.AGAIN
                || latest.what() == What.ON_TABLE) {
            return OptionalDouble.empty();
        }
        List<ShootEvent> own =
                inOrder.stream().filter(event -> event.key().equals(key)).toList();
        double since = Double.NaN;
        for (ShootEvent event : own) {
            if (event.what() == What.COOKING) {
                since = event.at();
            } else if (event.what() == What.AGAIN || event.what() == What.DONE) {
                since = Double.NaN;
            }
        }
        return Double.isNaN(since) ? OptionalDouble.empty() : OptionalDouble.of(since);
    }

    /** How long the changes took: from one dish done to the set of the next standing. */
    public List<TimedChange> timed(Map<String, MeasuredSet> sets) {
        SetChanges changes = new SetChanges();
        List<TimedChange> timed = new ArrayList<>();
        Optional<ShootEvent> done = Optional.empty();
        for (ShootEvent event : inOrder) {
            if (event.what() == What.SET_STANDS && done.isPresent()) {
                double minutes = event.at() - done.get().at();
                Optional<MeasuredSet> from = stands(done.get()).map(sets::get);
                Optional<MeasuredSet> to = stands(event).map(sets::get);
                SetChange change = changes.between(from, to, event.key());
                if (from.isPresent()
                        && to.isPresent()
                        && minutes < LONGEST_CHANGE
                        && !interrupted(done.get().at(), event.at())) {
                    timed.add(new TimedChange(change, minutes));
                }
                done = Optional.empty();
            } else if (event.what() == What.DONE) {
                done = Optional.of(event);
            } else if (event.what() == What.ON_TABLE) {
                done = Optional.empty();
            }
        }
        return timed;
    }

    private boolean interrupted(double from, double to) {
        return shoot.appointments().stream().anyMatch(one -> one.startMinute() < to && one.endMinute() > from);
    }
}
