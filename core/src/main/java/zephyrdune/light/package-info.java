/** The key's light by exact formulas: emitting faces, illuminance, softness, fall-off, patterns. */
package zephyrdune.light;
