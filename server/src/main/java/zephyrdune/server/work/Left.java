package zephyrdune.server.work;

/** Work that was ended because whoever had asked for it left. */
public final class Left extends RuntimeException {

    private static final long serialVersionUID = 1;

    Left() {
        super("Whoever asked for this has left");
    }
}
