package zephyrdune.set.camera;

/** Before the hero, half-way up or in the middle of its label, facing the camera's side level. */
public record HeroFront() implements MeteringPoint {}
