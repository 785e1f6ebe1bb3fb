package zephyrdune.source;

/** How an LED's output is stated. */
public sealed interface LedOutput permits LuxAtOneMetre, Lumens {}
