/** Operations on styles, motions, fonts, emoji, stickers and pictures. */
package saltdrum.server.api.style;
