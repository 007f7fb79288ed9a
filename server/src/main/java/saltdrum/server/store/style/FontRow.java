package saltdrum.server.store.style;

import saltdrum.media.font.FontFacts;

/**
 * A font that was added.
 *
 * @param licence what its owner notes about what is allowed; at first what the font itself says
 * @param putAway it cannot be chosen any more, and serves those that use it
 */
public record FontRow(String id, String fileName, FontFacts facts, String licence, boolean putAway) {}
