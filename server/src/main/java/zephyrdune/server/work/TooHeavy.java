package zephyrdune.server.work;

/** Work that was ended because it took more computing than any answer may. */
public final class TooHeavy extends RuntimeException {

    private static final long serialVersionUID = 1;

    TooHeavy(long seconds, String why) {
        super("This took more than %d seconds of computing and was ended.%s"
                .formatted(seconds, why.isEmpty() ? "" : " What makes it heavy: " + why));
    }
}
