package saltdrum.core.firstdraft;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import saltdrum.core.check.CalmPlacement;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.Mending;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.LineMeasure;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.OverlayEdit.PutEmoji;
import saltdrum.core.edit.fitted.FittedBreaks;
import saltdrum.core.emoji.EmojiSuggestions;
import saltdrum.core.emphasis.Suggestion;
import saltdrum.core.emphasis.Suggestions;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/** Makes a clip's words what its client wants: broken, styled, emphasised, placed and mended. */
public final class FirstDraft {
    private final DraftSettings settings;
    private final Size clip;
    private final Function<Track, LineMeasure> measures;
    private final Function<Track, CheckInput> looks;
    private final Checker checker = new Checker();

    /**
     * @param clip size of the clip's upright picture in pixels
     * @param measures the measure of a track's look
     * @param looks what the checks ask of a track
     */
    public FirstDraft(
            DraftSettings settings,
            Size clip,
            Function<Track, LineMeasure> measures,
            Function<Track, CheckInput> looks) {
        this.settings = settings;
        this.clip = clip;
        this.measures = measures;
        this.looks = looks;
    }

    /**
     * A finished draft.
     *
     * @param done what was done, a few words each
     */
    public record Result(Track track, List<String> done) {
        /** In the history of changes. */
        public String said() {
            return "First draft: " + String.join(", ", done);
        }
    }

    /**
     * Without words, in the language, recipe and style of the settings.
     *
     * @param empty in the frame of the clip
     */
    public Track dressed(Track empty) {
        Track track = empty.withLanguage(settings.language()).withRecipe(settings.recipe());
        return settings.style() == null ? track : track.withStyle(settings.style());
    }

    /**
     * @param empty a track without words, in the frame of the clip
     * @param sound in which the words were said; may be empty
     */
    public Result of(Track empty, List<Word> words, Sound sound) {
        Track dressed = dressed(empty);
        return finished(FittedBreaks.followed(dressed, dressed.withWords(words), null, clip, measures), sound);
    }

    /**
     * A track whose words are broken already becomes what its client wants.
     *
     * @param broken with its words in cues
     */
    public Result finished(Track broken, Sound sound) {
        List<String> done = new ArrayList<>();
        Track track = broken;
        done.add(track.cues().size() == 1 ? "1 cue" : track.cues().size() + " cues");
        if (settings.emphasis()) {
            track = emphasised(track, sound, done);
        }
        if (settings.emoji()) {
            track = withEmoji(track, done);
        }
        if (settings.calm()) {
            track = calm(track, done);
        }
        if (settings.mend()) {
            track = mended(track, done);
        }
        return new Result(track, done);
    }

    private Track emphasised(Track track, Sound sound, List<String> done) {
        List<Suggestion> all = Suggestions.scored(track.words().toList(), sound, track.language());
        List<Long> chosen = Suggestions.chosen(all, settings.strength()).stream()
                .map(Suggestion::wordId)
                .toList();
        if (chosen.isEmpty()) {
            return track;
        }
        done.add(chosen.size() + " emphasised");
        // An emphasised word can be wider.
        Track plain = new SetEmphasis(chosen, 1).on(track);
        return FittedBreaks.followed(track.withWords(List.of()), plain, null, clip, measures);
    }

    private static Track withEmoji(Track track, List<String> done) {
        List<PutEmoji.Put> put = EmojiSuggestions.of(track).stream()
                .map(one -> new PutEmoji.Put(one.wordId(), one.emoji().get(0).emoji()))
                .toList();
        if (put.isEmpty()) {
            return track;
        }
        done.add(put.size() + " emoji");
        return new PutEmoji(put).on(track);
    }

    private Track calm(Track track, List<String> done) {
        CalmPlacement.Proposal proposal = CalmPlacement.of(looks.apply(track), track.cues());
        if (proposal.edit() == null) {
            return track;
        }
        done.add(proposal.moved() + " moved to a calm place");
        return proposal.edit().on(track);
    }

    private Track mended(Track track, List<String> done) {
        Mending mending = Mending.of(
                track,
                one -> checker.findings(looks.apply(one)),
                finding -> !finding.kind().askedOneByOne(),
                Mending.MOST_ROUNDS);
        Edit edit = mending.edit();
        if (edit == null) {
            return track;
        }
        done.add(mending.mended() + " mended");
        return edit.on(track);
    }
}
