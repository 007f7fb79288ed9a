package saltdrum.core.firstdraft;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import saltdrum.core.check.CalmPlacement;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.Mending;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.Cue;
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
     * @param left what a person should look at
     */
    public record Result(Track track, List<String> done, List<Finding> left) {
        public long unsure() {
            return left.stream()
                    .filter(finding -> finding.kind() == CheckKind.UNSURE)
                    .count();
        }

        /** What the clip needs of a person, in a few words. */
        public String needs() {
            long unsure = unsure();
            long other = left.size() - unsure;
            if (left.isEmpty()) {
                return "nothing";
            }
            List<String> parts = new ArrayList<>();
            if (unsure > 0) {
                parts.add(unsure + (unsure == 1 ? " unsure word" : " unsure words"));
            }
            if (other > 0) {
                parts.add(other + (other == 1 ? " finding" : " findings"));
            }
            return "a look at " + String.join(" and ", parts);
        }
    }

    /**
     * @param empty a track without words, in the frame of the clip
     * @param sound in which the words were said; may be empty
     */
    public Result of(Track empty, List<Word> words, Sound sound) {
        List<String> done = new ArrayList<>();
        Track dressed = empty.withLanguage(settings.language())
                .withRecipe(settings.recipe())
                .withStyle(settings.style());
        Track track = FittedBreaks.followed(dressed, dressed.withWords(words), null, clip, measures);
        done.add(track.cues().size() + " cues");
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
        return new Result(track, done, checker.findings(looks.apply(track)));
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

    /** At most one in two cues. */
    private static Track withEmoji(Track track, List<String> done) {
        List<PutEmoji.Put> put = new ArrayList<>();
        int last = -2;
        for (EmojiSuggestions.Suggested one : EmojiSuggestions.of(track)) {
            int cue = cueOf(track, one.wordId());
            if (cue - last >= 2) {
                put.add(new PutEmoji.Put(one.wordId(), one.emoji().get(0).emoji()));
                last = cue;
            }
        }
        if (put.isEmpty()) {
            return track;
        }
        done.add(put.size() + " emoji");
        return new PutEmoji(put).on(track);
    }

    private static int cueOf(Track track, long wordId) {
        Cue cue = track.cueOfWord(wordId);
        return track.indexOfCue(cue.id());
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
