/** The shipped typefaces and the text shaper behind {@code core}'s typesetter. */
package saltdrum.media.font;
