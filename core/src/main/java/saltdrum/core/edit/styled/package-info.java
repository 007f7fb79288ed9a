/** Edits that need to know what styles look like: the style of a part, and the look of locked cues. */
package saltdrum.core.edit.styled;
