package zephyrdune.shoot.change;

import zephyrdune.answers.setsheet.SetSheet;
import zephyrdune.set.TableSet;

/** A set with what is measured to build it up, worked out once. */
public record MeasuredSet(TableSet set, SetSheet sheet) {

    public static MeasuredSet of(TableSet set) {
        return new MeasuredSet(set, SetSheet.of(set));
    }
}
