package zephyrdune.server.sets;

/** A save that was refused because the set was saved by someone else after the writer had read it. */
public final class SavedSince extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient StoredSet current;

    SavedSince(StoredSet current) {
        super("This set was saved elsewhere since you opened it; nothing was overwritten");
        this.current = current;
    }

    public StoredSet current() {
        return current;
    }
}
