/** Plain text with times at its lines. */
package saltdrum.core.format.plain;
