package zephyrdune.server.records;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import zephyrdune.server.records.StoredRecord.RecordKind;
import zephyrdune.shoot.log.LightSide;

/**
 * What is looked for in the log.
 *
 * @param words that all have to be there, each at least its beginning; may be empty
 * @param ids of some records alone; empty for all
 */
record RecordSearch(
        String words,
        Optional<RecordKind> kind,
        Optional<LightSide> side,
        Optional<String> softness,
        Optional<UUID> set,
        Optional<Instant> from,
        Optional<Instant> to,
        List<UUID> ids) {

    static final RecordSearch ANY = of(List.of());

    private static final int MOST_WORDS = 12;

    /** Some records alone; all for none. */
    static RecordSearch of(List<UUID> ids) {
        return new RecordSearch(
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                ids);
    }

    /** The words as PostgreSQL's text search has them; empty for none. */
    String query() {
        return Arrays.stream(words.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .limit(MOST_WORDS)
                .map(word -> word + ":*")
                .collect(Collectors.joining(" & "));
    }
}
