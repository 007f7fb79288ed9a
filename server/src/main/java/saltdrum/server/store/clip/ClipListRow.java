package saltdrum.server.store.clip;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import saltdrum.core.check.NeededLook;
import saltdrum.core.delivery.ClipProgress;
import saltdrum.core.delivery.WorkStep;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.media.Shelf;

/**
 * A clip as the list shows it: what {@link ClipRow} says, and of its words what can be counted.
 *
 * @param version of its first track, and when it became that
 * @param translations their languages in order, with spaces between
 * @param steps parts of the job that its history has, with spaces between
 * @param looked its captions as they are now were looked at; {@code lookedOpen} findings were left then, of which
 *     {@code lookedUnsure} are words that the recogniser is not sure of
 * @param workState of the work on its words or its films that is going on, else of the last on its words; null for none
 * @param film the newest finished film's job; null for none
 * @param deliveredVersion of the first track in the newest output with captions; null for none
 */
public record ClipListRow(
        String id,
        String name,
        String mediaHash,
        String proxyHash,
        String peaksHash,
        ClipInfo info,
        OffsetDateTime created,
        String sound,
        Long clientId,
        String client,
        String style,
        long version,
        OffsetDateTime changed,
        OffsetDateTime archived,
        OffsetDateTime removed,
        int cues,
        int words,
        String translations,
        String steps,
        boolean looked,
        Integer lookedOpen,
        int lookedUnsure,
        JobState workState,
        Double workProgress,
        String workMessage,
        String film,
        Long deliveredVersion) {

    public boolean prepared() {
        return peaksHash != null && (info.playsInBrowsers() || proxyHash != null);
    }

    public Shelf shelf() {
        return removed != null ? Shelf.REMOVED : archived != null ? Shelf.ARCHIVED : Shelf.HERE;
    }

    public List<String> languages() {
        return split(translations);
    }

    /** Number of open findings; null if the present captions have not been checked. */
    public Integer openFindings() {
        return looked ? lookedOpen : null;
    }

    /** What the present captions need of a person; null if they have not been checked. */
    public NeededLook needed() {
        return openFindings() == null ? null : new NeededLook(lookedUnsure, lookedOpen - lookedUnsure);
    }

    public ClipProgress standing() {
        Set<WorkStep> done = split(steps).stream().map(WorkStep::valueOf).collect(Collectors.toSet());
        return ClipProgress.of(words, done, Integer.valueOf(0).equals(openFindings()), delivered());
    }

    private ClipProgress.Delivered delivered() {
        if (deliveredVersion == null) {
            return ClipProgress.Delivered.NEVER;
        }
        return deliveredVersion == version ? ClipProgress.Delivered.AS_IT_IS : ClipProgress.Delivered.BEFORE_CHANGES;
    }

    private static List<String> split(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split(" "));
    }
}
