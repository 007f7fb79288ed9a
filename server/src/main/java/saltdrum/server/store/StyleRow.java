package saltdrum.server.store;

import saltdrum.core.style.Style;

/**
 * One version of a style.
 *
 * @param newest number of its newest version
 * @param putAway it is found by tracks that use it, and stands in no strip
 * @param motion it says only how captions move
 */
public record StyleRow(
        long id, String name, Style style, int version, int newest, boolean shipped, boolean putAway, boolean motion) {}
