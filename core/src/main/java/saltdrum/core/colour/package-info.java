/** Colours as they are written, and between two of them. */
package saltdrum.core.colour;
