package zephyrdune.answers.look;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.set.TableSet;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.Band;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.sampling.Sureness;

/** A look made of a set that has it: bands round what is read of it. */
public final class OwnLook {

    private static final String WHY = "As it is on the table now";
    private static final String USE = "What is to match it";

    private OwnLook() {}

    /** A step to either side of every aspect that can be read. */
    public static NamedLook of(TableSet set, String title) {
        List<Band> open = Arrays.stream(Aspect.values()).map(Aspect::open).toList();
        NamedLook all = new NamedLook(title, WHY, USE, open);
        Fit fit = Fit.of(set, all, Sureness.AT_REST);
        return new NamedLook(
                title,
                WHY,
                USE,
                fit.verdicts().stream()
                        .flatMap(verdict -> round(verdict).stream())
                        .toList());
    }

    private static Optional<Band> round(Verdict verdict) {
        Aspect aspect = verdict.band().aspect();
        OptionalDouble value = verdict.value();
        return value.isEmpty() ? Optional.empty() : Optional.of(aspect.round(value.getAsDouble()));
    }
}
