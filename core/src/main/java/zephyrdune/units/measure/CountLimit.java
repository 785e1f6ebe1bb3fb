package zephyrdune.units.measure;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;

/** How many things a list may hold, both ends included. */
public record CountLimit(String field, int min, int max) {

    public boolean allows(int size) {
        return size >= min && size <= max;
    }

    /**
     * @param things what the list holds, in the plural
     * @throws Refused when there are too few or too many
     */
    void require(List<?> list, String things) {
        if (!allows(list.size())) {
            throw new Refused(
                    field,
                    "%s holds %d %s; it must hold between %d and %d".formatted(field, list.size(), things, min, max));
        }
    }

    /**
     * A copy of a list of parts that nobody can change.
     *
     * @throws Refused when there are too few or too many
     */
    public <T> List<T> copy(List<T> parts) {
        require(parts, "parts");
        return List.copyOf(parts);
    }

    /**
     * A copy likewise of parts that go by their names, however those are spelled.
     *
     * @param named what a part calls its name
     * @throws Refused when there are too few or too many, or two of one name
     */
    public <T> List<T> copy(List<T> parts, String named, Function<T, String> name) {
        List<T> copy = copy(parts);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < copy.size(); i++) {
            String each = name.apply(copy.get(i)).strip();
            if (!seen.add(each.toLowerCase(Locale.ROOT))) {
                throw new Refused(
                        "%s[%d].%s".formatted(field, i, named),
                        "There is a “%s” already; give this one another name".formatted(each));
            }
        }
        return copy;
    }
}
