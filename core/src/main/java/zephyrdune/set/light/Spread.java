package zephyrdune.set.light;

/** Which way each part of the face sends its light. */
public sealed interface Spread permits Diffuse, Beam, Gridded, Honeycomb, Snooted, Capped, Bare {}
