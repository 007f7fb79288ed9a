/** The words file: every word with its times, as JSON. */
package saltdrum.core.format.words;
