package saltdrum.server.store.track;

import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.TrackExtras;
import saltdrum.core.look.Styling;

/**
 * A track's own row; the length is its clip's, and the incarnation is the database's to give.
 *
 * @param content {@linkplain saltdrum.core.delivery.RenderedContent hash} of what would be rendered; null if not read
 */
public record TrackRow(
        String id,
        long version,
        String language,
        String style,
        Styling styling,
        Recipe recipe,
        Frame frame,
        long nextId,
        TrackExtras beside,
        Integer lengthMs,
        String incarnation,
        String content) {}
