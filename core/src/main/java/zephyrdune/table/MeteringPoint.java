package zephyrdune.table;

/** Where a meter reads. */
public sealed interface MeteringPoint permits HeroTop, HeroFront, AnyPlace {}
