package saltdrum.core.recut;

/**
 * Where a word is in the new sound.
 *
 * @param startMs milliseconds of the new clip, as {@code endMs}
 */
public record PlacedWord(long wordId, int startMs, int endMs) {}
