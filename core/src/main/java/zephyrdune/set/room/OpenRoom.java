package zephyrdune.set.room;

/** Walls so far off or so dark that nothing of the key comes back from them. */
public record OpenRoom() implements Room {}
