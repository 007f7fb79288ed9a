/** SubRip. */
package saltdrum.core.format.srt;
