/**
 * Irradiance of a surface element by an area light, without sampling: Lambert's contour formula for even polygons, a closed form for discs,
 * cubature for uneven ones. Cards cut the light: {@link zephyrdune.light.illuminance.Cutters} project each panel on it as the element sees it, and
 * convex parts are clipped against that.
 */
package zephyrdune.light.illuminance;
