package zephyrdune.table;

/** What hangs inside a softbox. */
public sealed interface Inner permits NoInner, InnerBaffle {}
