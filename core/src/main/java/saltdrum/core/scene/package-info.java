/**
 * The display list that both painters draw: everything about a caption's look and motion, computed once. Complete
 * enough that a painter needs no font, no layout and no rule.
 */
package saltdrum.core.scene;
