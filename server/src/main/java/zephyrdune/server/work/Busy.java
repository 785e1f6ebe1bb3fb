package zephyrdune.server.work;

/** More is asked for than can be computed in good time. */
public final class Busy extends RuntimeException {

    private static final long serialVersionUID = 1;

    Busy() {
        super("Too much is being computed just now; this was not begun. Try again in a moment");
    }
}
