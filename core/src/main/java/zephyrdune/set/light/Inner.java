package zephyrdune.set.light;

/** What hangs inside a softbox. */
public sealed interface Inner permits NoInner, InnerBaffle {}
