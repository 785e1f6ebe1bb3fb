/** Follows light through the set along rays. */
package zephyrdune.trace;
