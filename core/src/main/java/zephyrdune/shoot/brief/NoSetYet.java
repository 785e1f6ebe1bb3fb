package zephyrdune.shoot.brief;

/** A shot for which no set was chosen. */
public record NoSetYet() implements ShotSet {}
