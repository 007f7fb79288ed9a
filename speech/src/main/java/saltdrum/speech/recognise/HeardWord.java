package saltdrum.speech.recognise;

import java.util.List;
import saltdrum.core.word.Word;

/**
 * A word with its time.
 *
 * @param word confidence 0.5 says: as likely wrong as right
 * @param readings other ways it may be heard, the likeliest first; none where it is sure
 */
public record HeardWord(Word word, List<String> readings) {}
