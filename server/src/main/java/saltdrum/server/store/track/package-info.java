/** Tracks: cues and words, versions, history and undo. */
package saltdrum.server.store.track;
