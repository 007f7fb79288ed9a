/** Cues, the track they make, the recipes that break words into them, and when each is on the screen. */
package saltdrum.core.cue;
