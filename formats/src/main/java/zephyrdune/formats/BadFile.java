package zephyrdune.formats;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A file that is refused, with everything that was found wrong with it. */
public final class BadFile extends Exception {

    private static final long serialVersionUID = 1;

    /**
     * One thing that is wrong.
     *
     * @param field path of the field, such as {@code light.distanceMetres}; empty for the file as a whole
     * @param value what was found there, shortened; empty when nothing was
     * @param detail what is wrong, and the limit or what would do, as a sentence
     * @param remedy what the field has to become, in its own unit, where it is enough to change it alone
     */
    public record Problem(String field, String value, String detail, Optional<Double> remedy) {}

    private final transient List<Problem> problems;

    BadFile(List<Problem> problems) {
        super(problems.stream().map(Problem::detail).collect(Collectors.joining("; ")));
        this.problems = List.copyOf(problems);
    }

    BadFile(String field, String value, String detail) {
        this(List.of(new Problem(field, value, detail, Optional.empty())));
    }

    public List<Problem> problems() {
        return problems;
    }
}
