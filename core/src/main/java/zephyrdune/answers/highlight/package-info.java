/** Where the key is mirrored in the hero, how large and how bright. */
package zephyrdune.answers.highlight;
