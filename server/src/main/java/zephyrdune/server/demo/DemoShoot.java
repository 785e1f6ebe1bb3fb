package zephyrdune.server.demo;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.ShootFormat;
import zephyrdune.server.sets.SetStore;
import zephyrdune.server.sets.StoredSet;
import zephyrdune.server.shoots.ShootStore;
import zephyrdune.shoot.brief.Daylight;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.NoSetYet;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.ShotSet;
import zephyrdune.shoot.brief.WindowDaylight;

/** The demo shoot: today, on the demo sets, which its file names by their titles. */
@Component
@ConditionalOnProperty("zephyrdune.demo")
class DemoShoot {

    private final ShootStore shoots;
    private final SetStore sets;
    private final Clock clock;

    DemoShoot(ShootStore shoots, SetStore sets, Clock clock) {
        this.shoots = shoots;
        this.sets = sets;
        this.clock = clock;
    }

    void load() {
        try {
            Shoot shoot = ShootFormat.read(new ClassPathResource("demo-shoot.json").getContentAsByteArray());
            ZoneId zone = ZoneId.systemDefault();
            List<StoredSet.Summary> kept = sets.list();
            LocalDate today = LocalDate.now(clock.withZone(zone));
            shoots.add(shoot.withZone(zone.getId())
                    .withDate(today.toString())
                    .withDaylight(hereabouts(
                            shoot.daylight(), today.atTime(LocalTime.NOON).atZone(zone)))
                    .withDishes(shoot.dishes().stream()
                            .map(dish -> onKeptSets(dish, kept))
                            .toList()));
        } catch (IOException | BadFile e) {
            throw new IllegalStateException("the demo shoot cannot be read", e);
        }
    }

    /** Where the sun stands in the south about noon by the clocks here. */
    private static Daylight hereabouts(Daylight daylight, ZonedDateTime noon) {
        double turned =
                noon.getOffset().getTotalSeconds() / (double) Duration.ofDays(1).toSeconds();
        return daylight instanceof WindowDaylight window
                ? window.withLongitude(Math.max(-Math.PI, Math.min(Math.PI, 2 * Math.PI * turned)))
                : daylight;
    }

    private static ShootDish onKeptSets(ShootDish dish, List<StoredSet.Summary> kept) {
        return dish.withShots(dish.shots().stream()
                .map(shot -> shot.withSet(found(shot.set(), kept)))
                .toList());
    }

    private static ShotSet found(ShotSet named, List<StoredSet.Summary> kept) {
        return kept.stream()
                .filter(set -> named instanceof KeptSet wanted && set.title().equals(wanted.id()))
                .<ShotSet>map(set -> new KeptSet(set.id().toString()))
                .findFirst()
                .orElseGet(NoSetYet::new);
    }
}
