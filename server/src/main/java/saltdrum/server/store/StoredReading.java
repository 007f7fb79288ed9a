package saltdrum.server.store;

import java.util.List;

/**
 * @param heard the word as it was heard: written otherwise since, its readings say nothing any more
 * @param readings other ways to hear it, the likeliest first, one to eight
 */
public record StoredReading(long wordId, String heard, List<String> readings) {}
