/** Who says which words: given by hand or found, swapped and merged, with cues split where the speaker changes. */
package saltdrum.core.edit.speaker;
