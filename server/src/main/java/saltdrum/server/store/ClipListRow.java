package saltdrum.server.store;

import java.time.OffsetDateTime;
import java.util.List;
import saltdrum.media.clip.ClipInfo;

/**
 * A clip as the list shows it: what {@link ClipRow} says, and of its words what can be counted.
 *
 * @param translations their languages in order, with spaces between
 */
public record ClipListRow(
        String id,
        String name,
        String proxyHash,
        String peaksHash,
        ClipInfo info,
        OffsetDateTime created,
        String sound,
        Long clientId,
        String client,
        String style,
        int cues,
        int words,
        String translations) {

    public boolean prepared() {
        return peaksHash != null && (info.playsInBrowsers() || proxyHash != null);
    }

    public List<String> languages() {
        return translations.isEmpty() ? List.of() : List.of(translations.split(" "));
    }
}
