/** What a clip is and what can be drawn from it: probe, frame times, sound, peaks, stills, proxy. */
package saltdrum.media.clip;
