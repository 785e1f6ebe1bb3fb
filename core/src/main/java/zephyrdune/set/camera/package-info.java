/** The camera, its exposure, and where and how the light is metered. */
package zephyrdune.set.camera;
