/** Breaks that follow the look. */
package saltdrum.core.edit.fitted;
