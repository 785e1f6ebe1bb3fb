/** What flags, slits, doors and cut cards make of the key on the table: strips of light, patches, their edges and contrast. */
package zephyrdune.light.pattern;
