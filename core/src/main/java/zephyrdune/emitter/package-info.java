/** Faces that give light: shape, pose and luminance. */
package zephyrdune.emitter;
