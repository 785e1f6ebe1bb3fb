package zephyrdune.shoot.brief;

/** Whenever it is best. */
public record AnyTurn() implements WantedTurn {}
