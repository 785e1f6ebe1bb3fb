package zephyrdune.devices;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import zephyrdune.answers.kit.KitNumber;
import zephyrdune.answers.kit.KitNumbers;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Ambient;
import zephyrdune.units.measure.Stops;

/** A kit to practise with. Its pieces stay what they are, whatever is stated of them after the first frame; so does the room. */
public final class PracticeKit {

    private final long seed;

    /** The sets that lights of the same pieces were first seen in. */
    private final Map<Set<KitNumber>, TableSet> lights = new ConcurrentHashMap<>();

    /** What was first stated of a room's light, lux. */
    private final Map<Ambient, Double> rooms = new ConcurrentHashMap<>();

    /** @param seed the same one is always the same kit */
    public PracticeKit(long seed) {
        this.seed = seed;
    }

    /** How it is against what a set states of it now. */
    public HiddenTruth against(TableSet set) {
        TableSet first = lights.computeIfAbsent(
                Set.copyOf(KitNumbers.lights(set.light(), 0).keySet()), pieces -> set);
        Ambient room = set.ambient();
        double lux = rooms.computeIfAbsent(room.withIlluminance(1), any -> room.illuminance());
        HiddenTruth drawn = HiddenTruth.drawn(seed, first.light());
        double stated = KitNumbers.statedMore(set, first);
        double brighter = room.illuminance() > 0 && lux > 0 ? Stops.between(lux, room.illuminance()) : 0;
        return new HiddenTruth(
                drawn.output() - stated,
                drawn.losses(),
                drawn.dial(),
                drawn.distance(),
                drawn.turn(),
                drawn.raise(),
                drawn.room() + brighter);
    }
}
