package zephyrdune.table;

/** What stands round the table. */
public sealed interface Room permits OpenRoom, WalledRoom {}
