/** Styles, fonts, stickers and pictures that people added. */
package saltdrum.server.store.style;
