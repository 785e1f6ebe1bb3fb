/** The picture the camera would record. */
package zephyrdune.picture;
