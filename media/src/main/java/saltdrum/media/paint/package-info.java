/** The server's painter. It finds what is alive, evaluates tracks and draws marks; it decides nothing. */
package saltdrum.media.paint;
