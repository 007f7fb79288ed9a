/** Which words are stressed: by the voice that says them and by what they mean. */
package saltdrum.core.emphasis;
