/** A clip's words in another language, over the cues of the first track. */
package saltdrum.core.translation;
