package saltdrum.server.store.clip;

/**
 * A place in a clip where the search text was found.
 *
 * @param text of the whole cue
 * @param atMs the word's own time
 * @param language of the track
 */
public record SearchHit(String clipId, String text, int atMs, String language) {}
