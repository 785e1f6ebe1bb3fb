package zephyrdune.answers.learning;

import java.util.List;
import zephyrdune.answers.kit.KitNumber;

/**
 * What frames say of one number of the kit.
 *
 * @param title what it is called
 * @param more stops more than is stated of it now
 * @param spread standard deviation of that
 * @param before the same before any frame
 * @param frames that say anything of it
 * @param with what it cannot be told apart from, by their titles: only what they do together is known better than before
 */
public record LearntNumber(
        KitNumber number, String title, double more, double spread, double before, int frames, List<String> with) {

    public LearntNumber {
        with = List.copyOf(with);
    }
}
