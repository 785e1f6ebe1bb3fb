package zephyrdune.server.problems;

/** A request body that is longer than anything this application takes. */
public final class TooLong extends RuntimeException {

    private static final long serialVersionUID = 1;

    public TooLong(String what) {
        super(what);
    }
}
