package zephyrdune.answers.readings;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.sampling.Sureness;

/** Every reading of a set, in the order of {@link ReadingKind}. */
public final class Readings {

    private Readings() {}

    private static final System.Logger LOG = System.getLogger(Readings.class.getName());

    /** Readings that take longest: where they are asked for, all cores work. */
    private static final List<ReadingKind> TRACED = List.of(ReadingKind.SHADOW_DEPTH, ReadingKind.LIT_TO_SHADOW);

    /** Readings that are looked at as long as their sureness asks for. */
    private static final Set<ReadingKind> SETTLED =
            EnumSet.of(ReadingKind.SHADOW_DEPTH, ReadingKind.LIT_TO_SHADOW, ReadingKind.LIT_TO_SHADOW_BARE);

    /** Why a reading is absent whose computation failed. */
    static final String FAILED = "This could not be worked out for this set; the other readings stand";

    public static List<Reading> of(TableSet set) {
        return of(set, Sureness.AT_REST);
    }

    /** The same, those that are sampled no surer than asked for. */
    public static List<Reading> of(TableSet set, Sureness sureness) {
        return of(set, sureness, ReadingKind.values());
    }

    /** Whether one of them might be surer had it been looked at until the set's light is known well enough. */
    public static boolean unsure(List<Reading> readings) {
        return readings.stream()
                .anyMatch(reading -> SETTLED.contains(reading.kind())
                        && reading.uncertainty().isPresent());
    }

    /** One reading alone. */
    public static Reading of(TableSet set, ReadingKind kind) {
        return of(set, new ReadingKind[] {kind}).get(0);
    }

    /** Some readings, in the order in which they are asked for. */
    public static List<Reading> of(TableSet set, ReadingKind... kinds) {
        return of(set, Sureness.AT_REST, kinds);
    }

    /** Some readings, those that are sampled no surer than asked for. */
    public static List<Reading> of(TableSet set, Sureness sureness, ReadingKind... kinds) {
        Probe probe = new Probe(set, sureness);
        List<ReadingKind> asked = List.of(kinds);
        return asked.containsAll(TRACED)
                ? onAllCores(probe, asked)
                : asked.stream().map(kind -> read(probe, kind)).toList();
    }

    private static List<Reading> onAllCores(Probe probe, List<ReadingKind> asked) {
        begin(probe);
        Map<Integer, List<ReadingKind>> parts =
                asked.stream().collect(Collectors.groupingBy(Readings::part, TreeMap::new, Collectors.toList()));
        Map<ReadingKind, Reading> read = new EnumMap<>(ReadingKind.class);
        Cancellation.onAllCores(
                        List.copyOf(parts.values()),
                        part -> part.stream().map(kind -> read(probe, kind)).toList())
                .forEach(part -> part.forEach(reading -> read.put(reading.kind(), reading)));
        return asked.stream().map(read::get).toList();
    }

    /** Which readings one thread does, as they come of the same work; first what others wait for, then what takes longest. */
    private static int part(ReadingKind kind) {
        return switch (ReadingGroup.of(kind)) {
            case POWER -> 0;
            case PATTERN -> 1;
            case CONTRAST -> kind == ReadingKind.CONTRAST_SEEN ? 2 : 3;
            case SHADOW -> 4;
            case HIGHLIGHT -> 5;
            default -> 6;
        };
    }

    private static void begin(Probe probe) {
        try {
            probe.ahead();
        } catch (CancellationException ended) {
            throw ended;
        } catch (RuntimeException failure) {
            // told by the readings themselves
            LOG.log(System.Logger.Level.DEBUG, "nothing was begun ahead", failure);
        }
    }

    /** A reading whose computation fails is absent, and takes no other with it. */
    private static Reading read(Probe probe, ReadingKind kind) {
        Cancellation.check();
        try {
            return probe.read(kind);
        } catch (CancellationException ended) {
            throw ended;
        } catch (RuntimeException failure) {
            LOG.log(System.Logger.Level.WARNING, "reading {0} failed: {1}", kind, failure);
            LOG.log(System.Logger.Level.DEBUG, "where it failed", failure);
            return Reading.absent(kind, FAILED);
        }
    }
}
