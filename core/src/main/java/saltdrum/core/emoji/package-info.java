/** What emoji are called, and which go with a word. */
package saltdrum.core.emoji;
