/**
 * The area light that a source and its shaper come to: its outline, how its luminance varies over it, which way each part of it sends light,
 * and how bright it is for the light that goes in. Integrals over it are by {@link zephyrdune.light.emitter.AdaptiveCubature}.
 */
package zephyrdune.light.emitter;
