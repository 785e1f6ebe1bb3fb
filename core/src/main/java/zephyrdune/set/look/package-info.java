/** What a picture is meant to look like, as bands that its light is to lie in. */
package zephyrdune.set.look;
