/** What things are made of: colour, sheen and relief of surfaces, and the clear media of glasses and drinks. */
package zephyrdune.set.surface;
