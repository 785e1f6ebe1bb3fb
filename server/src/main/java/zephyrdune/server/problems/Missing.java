package zephyrdune.server.problems;

/** Something asked for that is not there. */
public final class Missing extends RuntimeException {

    private static final long serialVersionUID = 1;

    public Missing(String what) {
        super(what);
    }
}
