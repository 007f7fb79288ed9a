package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.delivery.ClipProgress;
import saltdrum.media.burn.SoundPlan;
import saltdrum.media.clip.CaptionStream;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.SoundChoice;
import saltdrum.server.store.clip.ClientRow;
import saltdrum.server.store.clip.ClipListRow;
import saltdrum.server.store.clip.SearchHit;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.media.Shelf;

/** A clip for the list and the bench. */
public record ClipView(
        String id,
        String name,
        @Schema(description = "Another one for each footage that it was given") String footage,
        int width,
        int height,
        long durationMs,
        double frameRate,
        boolean variableRate,
        int sounds,
        @Schema(description = "What a render does with the sound, in a sentence") String soundInVideo,
        @Schema(description = "The sound that is listened to: stream, and channel where one is chosen") String sound,
        @Schema(description = "Every sound that can be chosen") List<SoundView> soundChoices,
        List<CaptionStreamView> captionStreams,
        @Schema(description = "Poster and peaks are there and the clip plays here") boolean prepared,
        int cues,
        int words,
        String style,
        String created,
        @Schema(description = "When its captions last became what they are") String changed,
        ClipProgress standing,
        @Schema(description = "The progress in words") String standingLabel,
        @Schema(
                        description =
                                "Left to mend when its captions, as they are now, were last looked at; missing for not yet")
                @MayBeMissing
                Integer openFindings,
        @Schema(
                        description =
                                "What its captions need of a person, in a few words: “3 unsure words and 1 finding”; empty for nothing, missing for not yet checked")
                @MayBeMissing
                String needs,
        @Schema(
                        description =
                                "Work on its words or its films that is going on, or work on its words that failed; missing for none")
                @MayBeMissing
                ClipWork work,
        @Schema(description = "Job of its newest film; missing for none") @MayBeMissing String film,
        Shelf shelf,
        @Schema(description = "Whose clip it is; missing for the workshop's own") ClientRow client,
        @Schema(description = "Languages of its translations") List<String> translations,
        @Schema(description = "Where what was searched for is said") @MayBeMissing FoundView found) {

    /** @param cue whole text of the cue; {@code atMs} when the word begins */
    record FoundView(String cue, int atMs, String language) {
        public static FoundView of(SearchHit found) {
            return found == null ? null : new FoundView(found.text(), found.atMs(), found.language());
        }
    }

    /** @param progress 0 to 1 */
    public record ClipWork(String said, double progress, boolean failed) {
        static ClipWork of(ClipListRow row) {
            if (row.workState() == null) {
                return null;
            }
            if (row.workState().isOpen()) {
                String said = row.workMessage() == null ? "Waits for its turn" : row.workMessage();
                return new ClipWork(said, row.workProgress(), false);
            }
            return row.workState() == JobState.FAILED && row.words() == 0
                    ? new ClipWork(row.workMessage(), row.workProgress(), true)
                    : null;
        }
    }

    record CaptionStreamView(
            int index, String language, @Schema(description = "Text, not pictures of text") boolean readable) {}

    /** @param choice the value to send when choosing it */
    record SoundView(String choice, String label) {
        public static List<SoundView> of(ClipInfo info) {
            List<SoundView> all = new ArrayList<>();
            for (ClipInfo.Sound sound : info.sounds()) {
                String name = info.sounds().size() == 1 ? "Sound" : "Sound " + (sound.index() + 1);
                String language =
                        sound.language() == null || sound.language().equals("und") ? "" : ", " + sound.language();
                boolean one = sound.channels() < 2;
                all.add(new SoundView(
                        new SoundChoice(sound.index(), -1).written(), name + language + (one ? "" : ", mixed")));
                for (int channel = 0; !one && channel < sound.channels(); channel++) {
                    String side = sound.channels() == 2 ? channel == 0 ? "left" : "right" : "channel " + (channel + 1);
                    all.add(new SoundView(
                            new SoundChoice(sound.index(), channel).written(), name + language + ", " + side));
                }
            }
            return all;
        }
    }

    public static ClipView of(ClipListRow row) {
        return of(row, null);
    }

    /** @param found null where nothing was searched for, or only its name has it */
    public static ClipView of(ClipListRow row, SearchHit found) {
        ClipInfo info = row.info();
        return new ClipView(
                row.id(),
                row.name(),
                row.mediaHash().substring(0, 12),
                info.width(),
                info.height(),
                info.durationMs(),
                info.frameRate(),
                info.variableRate(),
                info.sounds().size(),
                SoundPlan.of(info).said(),
                row.sound(),
                SoundView.of(info),
                info.captions().stream()
                        .map(c -> new CaptionStreamView(
                                c.index(), c.language() == null ? "und" : c.language(), CaptionStream.readable(c)))
                        .toList(),
                row.prepared(),
                row.cues(),
                row.words(),
                row.style(),
                row.created().toString(),
                row.changed().toString(),
                row.standing(),
                row.standing().label,
                row.openFindings(),
                row.needed() == null ? null : row.needed().said(),
                ClipWork.of(row),
                row.film(),
                row.shelf(),
                row.clientId() == null ? null : new ClientRow(row.clientId(), row.client()),
                row.languages(),
                FoundView.of(found));
    }
}
