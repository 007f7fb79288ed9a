/** Colour emoji as layers of outlines, so that both painters draw the same. */
package saltdrum.media.emoji;
