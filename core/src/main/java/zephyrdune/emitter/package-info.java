/** The surface that the shaped light comes from: outline, evenness, directions, and how bright its source makes it. */
package zephyrdune.emitter;
