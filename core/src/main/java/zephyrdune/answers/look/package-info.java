/** How a set lies in the bands of its look. */
package zephyrdune.answers.look;
