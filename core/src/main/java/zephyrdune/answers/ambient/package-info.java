/** How bright a room is, by a meter, a frame or its kind. */
package zephyrdune.answers.ambient;
