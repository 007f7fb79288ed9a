/** Where native libraries are loaded from. */
package saltdrum.media.natives;
