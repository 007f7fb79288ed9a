package saltdrum.server.store.style;

import java.time.OffsetDateTime;
import saltdrum.core.style.Style;

/**
 * One version of a style.
 *
 * @param newest number of its newest version
 * @param putAway hidden from the strip, but available to tracks that use it
 * @param motion whether it defines only how captions move
 * @param made when this version was saved
 */
public record StyleRow(
        long id,
        String name,
        Style style,
        int version,
        int newest,
        boolean shipped,
        boolean putAway,
        boolean motion,
        OffsetDateTime made) {}
