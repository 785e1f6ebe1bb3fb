package zephyrdune.server.problems;

/** A save that was refused because the thing was saved by someone else after the writer had read it. */
public final class SavedSince extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient Object current;

    /**
     * @param what a set, or what else it is
     * @param current what is saved now, for the answer
     */
    public SavedSince(String what, Object current) {
        super("This " + what + " was saved elsewhere since you opened it; nothing was overwritten");
        this.current = current;
    }

    public Object current() {
        return current;
    }
}
