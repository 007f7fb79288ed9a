package saltdrum.server.store.track;

import java.util.List;

/**
 * @param heard the word as it was recognised; if its spelling has changed since, the readings no longer apply
 * @param readings alternatives, the likeliest first, one to eight
 */
public record StoredReading(long wordId, String heard, List<String> readings) {}
