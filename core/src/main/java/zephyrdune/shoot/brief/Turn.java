package zephyrdune.shoot.brief;

/** When somebody wants a dish to have its turn. */
public sealed interface Turn permits AnyTurn, TurnAt, TimeAt {}
