package zephyrdune.set.look;

/** What the picture of a set is meant to look like. */
public sealed interface Look permits NoLook, NamedLook {}
