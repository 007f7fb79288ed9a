package saltdrum.server.store.clip;

/**
 * Where in a clip something was found.
 *
 * @param text of the whole cue
 * @param atMs the word's own time
 * @param language of the track
 */
public record SearchHit(String clipId, String text, int atMs, String language) {}
