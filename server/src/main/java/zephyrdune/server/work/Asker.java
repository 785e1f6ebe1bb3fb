package zephyrdune.server.work;

/** Whoever waits for an answer. */
@FunctionalInterface
public interface Asker {

    /** Where a request keeps who sent it. */
    String ATTRIBUTE = Asker.class.getName();

    /** Whether nobody waits any more: the connection is closed. */
    boolean left();
}
