package zephyrdune.answers.readings;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.sampling.Sureness;

/** Every reading of a set, in the order of {@link ReadingKind}. */
public final class Readings {

    private Readings() {}

    private static final System.Logger LOG = System.getLogger(Readings.class.getName());

    /** Readings that take longest, each apart from the other. */
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
        if (Arrays.asList(kinds).containsAll(TRACED)) {
            begin(probe);
        }
        return Arrays.stream(kinds).map(kind -> read(probe, kind)).toList();
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
