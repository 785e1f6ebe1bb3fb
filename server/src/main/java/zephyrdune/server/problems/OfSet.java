package zephyrdune.server.problems;

import java.util.function.Supplier;
import org.springframework.dao.DataIntegrityViolationException;

/** Keeping what belongs to a set. */
public final class OfSet {

    private OfSet() {}

    /** @throws Missing where there is no such set */
    public static <T> T keep(Supplier<T> kept) {
        try {
            return kept.get();
        } catch (DataIntegrityViolationException noSuchSet) {
            throw new Missing("There is no such set; it may have been deleted");
        }
    }
}
