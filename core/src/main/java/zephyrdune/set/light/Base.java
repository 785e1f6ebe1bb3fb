package zephyrdune.set.light;

/** A second, broad light under the key. */
public sealed interface Base permits NoBase, BroadBase {}
