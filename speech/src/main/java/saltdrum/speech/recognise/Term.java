package saltdrum.speech.recognise;

/**
 * A name or trade term that is to be heard.
 *
 * @param written as it is to stand, one or several words
 * @param sayAs how it is said, in ordinary words; null when its spelling says it
 */
public record Term(String written, String sayAs) {}
