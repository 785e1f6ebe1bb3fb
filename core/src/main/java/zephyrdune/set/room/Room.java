package zephyrdune.set.room;

/** What stands round the table. */
public sealed interface Room permits OpenRoom, WalledRoom {}
