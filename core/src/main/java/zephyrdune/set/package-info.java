/**
 * The set on the table as one immutable value.
 *
 * <p>Frame of reference: the origin is the hero point on the table top; +x is to the right of the picture, +y away from
 * the camera, +z up. Lengths are in metres, angles in radians.
 */
package zephyrdune.set;
