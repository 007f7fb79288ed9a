/** Timed Text Markup Language in the IMSC 1.1 text profile. */
package saltdrum.core.format.ttml;
