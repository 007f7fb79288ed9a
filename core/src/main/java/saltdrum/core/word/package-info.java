/** Words and their times, the base of all other packages. Nothing here depends on cues or looks. */
package saltdrum.core.word;
