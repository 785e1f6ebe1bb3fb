package zephyrdune.shoot.runsheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;
import zephyrdune.shoot.brief.Afterwards;
import zephyrdune.shoot.brief.AnyTurn;
import zephyrdune.shoot.brief.Appointment;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.NoDaylight;
import zephyrdune.shoot.brief.NotAfter;
import zephyrdune.shoot.brief.Plates;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.Shot;
import zephyrdune.shoot.brief.Spoiling;
import zephyrdune.shoot.brief.TimeAt;
import zephyrdune.shoot.brief.WantedTurn;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.StepMinutes;

/** Shoots drawn by lot: invented, to be solved in two ways. */
final class DrawnShoots {

    private static final Map<String, MeasuredSet> SETS = sets();

    private DrawnShoots() {}

    /** Twelve sets that differ in what the chowder's could differ in. */
    private static Map<String, MeasuredSet> sets() {
        Map<String, MeasuredSet> sets = new HashMap<>();
        TableSet chowder = Sets.chowder();
        for (int i = 0; i < 12; i++) {
            int which = i;
            TableSet set = chowder.withCamera(
                            chowder.camera().withElevation(Math.toRadians(i % 3 == 0 ? 85 : 35 + 5 * (i % 4))))
                    .withLight(chowder.light().withClock(4.5 + 0.2 * (i % 5)));
            if (which % 4 == 1) {
                set = set.withCards(List.of(new Card(Surface.WHITE_PAPER, 0.3, 0.3, 2, 0.35, 0, 0, 0)));
            } else if (which % 4 == 2) {
                set = set.withTableTop(new TableTop(
                        Surface.LINEN,
                        set.tableTop().left(),
                        set.tableTop().right(),
                        set.tableTop().behind(),
                        set.tableTop().before()));
            }
            sets.put("set-" + i, MeasuredSet.of(set));
        }
        return Map.copyOf(sets);
    }

    static Map<String, MeasuredSet> kept() {
        return SETS;
    }

    /** @param tight whether some dishes have fixed times, times to be done by, and dishes they may not follow */
    static Shoot drawn(Random random, int count, boolean tight) {
        List<ShootDish> dishes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            dishes.add(dish(random, i, tight));
        }
        double starts = 13;
        return new Shoot(
                "Drawn",
                "Nobody",
                "2026-12-04",
                "Europe/Berlin",
                starts,
                Math.min(Shoot.LATEST, starts + 0.4 * count + 0.6),
                starts - 0.5,
                1 + random.nextInt(2),
                List.of(),
                List.of(),
                dishes,
                List.of(new Appointment("Break", starts + 0.5 + random.nextDouble(), 15)),
                tight ? List.of(new NotAfter("dish-0", "dish-1")) : List.of(),
                new NoDaylight());
    }

    private static ShootDish dish(Random random, int number, boolean tight) {
        List<Shot> shots = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(2); i++) {
            shots.add(new Shot("Shot " + i, 3 + random.nextInt(5), new KeptSet("set-" + random.nextInt(12))));
        }
        WantedTurn turn = tight && number == 2 ? new TimeAt(14 + random.nextDouble()) : new AnyTurn();
        return new ShootDish(
                "dish-" + number,
                "Dish " + number,
                Spoiling.SINKS,
                15 + random.nextInt(40),
                5 + random.nextInt(15),
                random.nextBoolean() ? Plates.ONE : Plates.AS_NEEDED,
                Afterwards.THROWN_AWAY,
                12,
                tight && number % 3 == 0 ? 14.5 + random.nextDouble() : 22,
                turn,
                shots);
    }

    static ShootTasks tasks(Shoot shoot) {
        return new ShootTasks(shoot, SETS, StepMinutes.USUAL, RunState.before(shoot.starts() * 60), Optional.empty());
    }
}
