package zephyrdune.shoot.brief;

/** The set that a shot is taken on. */
public sealed interface ShotSet permits NoSetYet, KeptSet {}
