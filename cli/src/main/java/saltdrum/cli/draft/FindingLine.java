package saltdrum.cli.draft;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Locale;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;

/**
 * A finding as the command line tells it.
 *
 * @param ms clip time
 * @param text of the cue; empty for the whole track
 * @param measured null where nothing was measured
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record FindingLine(
        CheckKind kind, int ms, String text, String said, Double measured, Double limit, String unit) {
    public static FindingLine of(Track track, Finding finding) {
        String text = track.cues().stream()
                .filter(cue -> cue.id() == finding.spot().cueId())
                .findFirst()
                .map(Cue::text)
                .orElse("");
        return new FindingLine(
                finding.kind(),
                finding.spot().ms(),
                text,
                finding.said(),
                finding.measured(),
                finding.limit(),
                finding.unit());
    }

    /** As one line for a person. */
    public String line() {
        return String.format(
                Locale.ROOT, "%s  %s: %s%s", time(), kind.label, said, text.isEmpty() ? "" : "  “" + text + "”");
    }

    public String time() {
        return String.format(Locale.ROOT, "%d:%02d.%d", ms / 60_000, ms / 1000 % 60, ms / 100 % 10);
    }
}
