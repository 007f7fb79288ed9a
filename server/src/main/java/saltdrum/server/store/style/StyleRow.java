package saltdrum.server.store.style;

import saltdrum.core.style.Style;

/**
 * One version of a style.
 *
 * @param newest number of its newest version
 * @param putAway hidden from the strip, but available to tracks that use it
 * @param motion whether it defines only how captions move
 */
public record StyleRow(
        long id, String name, Style style, int version, int newest, boolean shipped, boolean putAway, boolean motion) {}
