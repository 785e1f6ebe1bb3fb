package zephyrdune.set.camera;

/** Where a meter reads. */
public sealed interface MeteringPoint permits HeroTop, HeroFront, AnyPlace {}
