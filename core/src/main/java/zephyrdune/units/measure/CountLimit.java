package zephyrdune.units.measure;

import java.util.List;

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
}
