package zephyrdune.shoot.brief;

/** When somebody wants a dish to have its turn. */
public sealed interface WantedTurn permits AnyTurn, TurnAt, TimeAt {}
