package zephyrdune.table;

/** A second, broad light under the key. */
public sealed interface Base permits NoBase, BroadBase {}
