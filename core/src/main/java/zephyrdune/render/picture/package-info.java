/** The picture the camera would record. */
package zephyrdune.render.picture;
