package zephyrdune.readings;

import java.util.Arrays;
import java.util.List;
import zephyrdune.table.TableSet;

/** Every reading of a set, in the order of {@link ReadingKind}. */
public final class Readings {

    private Readings() {}

    public static List<Reading> of(TableSet set) {
        Probe probe = new Probe(set);
        return Arrays.stream(ReadingKind.values()).map(probe::read).toList();
    }

    /** One reading alone. */
    public static Reading of(TableSet set, ReadingKind kind) {
        return new Probe(set).read(kind);
    }

    /** Some readings, in the order in which they are asked for. */
    public static List<Reading> of(TableSet set, ReadingKind... kinds) {
        Probe probe = new Probe(set);
        return Arrays.stream(kinds).map(probe::read).toList();
    }
}
