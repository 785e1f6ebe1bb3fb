package zephyrdune.server.shoots;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.ShootClock;
import zephyrdune.formats.ShootFormat;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.change.StepMinutes.TimedChange;
import zephyrdune.shoot.runsheet.ShootEvent;
import zephyrdune.shoot.runsheet.ShootEvents;

/** How long somebody's changes took at all shoots so far, worked out anew only where something happened since. */
@Component
class TimedChanges {

    private final ShootStore shoots;
    private final ShootEventStore events;
    private final ShootSets sets;
    private final Map<UUID, Known> known = new ConcurrentHashMap<>();

    TimedChanges(ShootStore shoots, ShootEventStore events, ShootSets sets) {
        this.shoots = shoots;
        this.events = events;
        this.sets = sets;
    }

    /** @param count of what had happened */
    private record Known(int version, int count, List<TimedChange> timed) {}

    StepMinutes learnt() {
        List<TimedChange> timed = new ArrayList<>();
        for (Map.Entry<UUID, Integer> counted : events.counts().entrySet()) {
            shoots.find(counted.getKey()).ifPresent(stored -> timed.addAll(timed(stored, counted.getValue())));
        }
        return timed.isEmpty() ? StepMinutes.USUAL : StepMinutes.learnt(timed);
    }

    private List<TimedChange> timed(StoredShoot stored, int count) {
        Known before = known.get(stored.id());
        if (before != null && before.version() == stored.version() && before.count() == count) {
            return before.timed();
        }
        List<TimedChange> timed = readable(stored)
                .map(shoot -> happened(shoot, events.of(stored.id()), ShootClock.of(shoot))
                        .timed(sets.measured(shoot)))
                .orElse(List.of());
        known.put(stored.id(), new Known(stored.version(), count, timed));
        return timed;
    }

    static ShootEvents happened(Shoot shoot, List<StoredEvent> told, ShootClock times) {
        return new ShootEvents(
                shoot,
                told.stream()
                        .map(event -> new ShootEvent(event.dish(), event.what(), times.minute(event.at())))
                        .toList());
    }

    private static Optional<Shoot> readable(StoredShoot stored) {
        try {
            return Optional.of(ShootFormat.read(stored.shoot()));
        } catch (BadFile e) {
            return Optional.empty();
        }
    }
}
