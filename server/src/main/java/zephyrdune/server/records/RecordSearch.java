package zephyrdune.server.records;

import java.time.Instant;
import java.util.Arrays;
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
 */
record RecordSearch(
        String words,
        Optional<RecordKind> kind,
        Optional<LightSide> side,
        Optional<String> softness,
        Optional<UUID> set,
        Optional<Instant> from,
        Optional<Instant> to) {

    static final RecordSearch ANY = new RecordSearch(
            "",
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static final int MOST_WORDS = 12;

    /** The words as PostgreSQL's text search has them; empty for none. */
    String query() {
        return Arrays.stream(words.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .limit(MOST_WORDS)
                .map(word -> word + ":*")
                .collect(Collectors.joining(" & "));
    }
}
