package zephyrdune.set.camera;

/** On the hero's lit top, facing up: in its middle, or under a pattern in the brightest patch. */
public record HeroTop() implements MeteringPoint {}
