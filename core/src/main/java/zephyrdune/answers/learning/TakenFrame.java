package zephyrdune.answers.learning;

import java.util.List;
import zephyrdune.answers.frame.PatchReading;
import zephyrdune.set.TableSet;

/**
 * A test frame that was read.
 *
 * @param of which set it is of: frames of one have the same room light
 * @param set as it stood for it
 * @param below full power, stops, that its light was set to
 */
public record TakenFrame(Object of, TableSet set, double below, List<PatchReading> patches) {

    public TakenFrame {
        patches = patches.stream()
                .filter(patch -> !patch.held() && patch.off().isPresent())
                .toList();
    }
}
