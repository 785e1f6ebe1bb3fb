package zephyrdune.server.problems;

/** A picture that is no longer wanted, because a newer one of the same view was asked for. */
public final class Superseded extends RuntimeException {

    private static final long serialVersionUID = 1;

    public Superseded() {
        super("Work on this picture was dropped");
    }
}
