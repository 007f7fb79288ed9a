/** Text as it comes in: bytes to characters, and which characters may stay. */
package saltdrum.core.text;
