/** Brightness of the picture under and beside the letters, and the contrast between them. */
package saltdrum.core.check.light;
