package zephyrdune.set.light;

/** How the light comes to be spread over a light's face. */
public sealed interface Filling permits EvenlyLit, HotSpot, InBox, FromBehind, OffBoard, OffRoom, BookLight {}
