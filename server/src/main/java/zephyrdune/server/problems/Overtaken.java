package zephyrdune.server.problems;

/** A save of the kit that was refused because it was saved by someone else after the writer had read it. */
public final class Overtaken extends RuntimeException {

    private static final long serialVersionUID = 1;

    public Overtaken() {
        super("The kit was changed elsewhere since you opened it; it is shown anew, and your last change was not kept");
    }
}
