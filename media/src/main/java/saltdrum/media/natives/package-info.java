/** Where libraries of machine code are loaded from. */
package saltdrum.media.natives;
