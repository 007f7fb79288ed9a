/** Operations on a track: words, cues, translations, its look, findings and scene. */
package saltdrum.server.api.track;
