package zephyrdune.answers.finding;

import java.util.Optional;
import java.util.function.Supplier;

/**
 * Something that spoils the picture; what mends it is looked for when it is asked for.
 *
 * @param field path of the component it is about
 * @param words what it is, with its figures, as a sentence
 */
record Spoiled(Finding.Kind kind, String field, String words, Supplier<Optional<Mend>> mending) {}
