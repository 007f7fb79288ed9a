package saltdrum.core.edit;

import java.util.List;
import java.util.Set;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Speakers;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.speaker.SpeakerWords;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.word.Word;

/** Edits that mark words and cues: confirmed, emphasised, locked, spoken by somebody; and deleting cues. */
public sealed interface MarkEdit extends Edit {
    record ConfirmWords(List<Long> wordIds) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return Edits.eachWord(track, wordIds, Word::confirmed);
        }

        @Override
        public String said(Track before) {
            return "Confirm " + EditDescriptions.words(before, wordIds);
        }
    }

    /** Confirms every word of unlocked cues that was heard at least so surely, 0 to 1. */
    record ConfirmConfidentWords(double least) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return Edits.confirmSure(track, least);
        }

        @Override
        public String said(Track before) {
            return "Confirm all sure words";
        }
    }

    /** Emphasis 0 is plain, 1 to 4 a voice of the style. */
    record SetEmphasis(List<Long> wordIds, int emphasis) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return Edits.eachWord(track, wordIds, word -> word.withEmphasis(emphasis));
        }

        @Override
        public String said(Track before) {
            String what = wordIds.size() == 1
                    ? "“" + EditDescriptions.word(before, wordIds.get(0)) + "”"
                    : EditDescriptions.count(wordIds.size(), "word");
            return emphasis == 0 ? "Plain " + what : "Emphasise " + what;
        }
    }

    record Lock(List<Long> cueIds, boolean locked) implements MarkEdit {
        @Override
        public Track on(Track track) {
            Set<Long> wanted = Edits.existing(track, cueIds);
            return Edits.eachCue(track, cue -> wanted.contains(cue.id()) ? cue.withLocked(locked) : cue);
        }

        @Override
        public String said(Track before) {
            return (locked ? "Lock " : "Unlock ") + EditDescriptions.cues(before, cueIds);
        }
    }

    record DeleteCues(List<Long> cueIds) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return Edits.delete(track, cueIds);
        }

        @Override
        public String said(Track before) {
            return "Delete " + EditDescriptions.cues(before, cueIds);
        }
    }

    /** Says how many speak, and what they are called; none for a clip without named speakers. */
    record NameSpeakers(List<String> names) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return SpeakerWords.named(track, names);
        }

        @Override
        public String said(Track before) {
            int were = before.beside().speakers().names().size();
            return names.isEmpty()
                    ? "No speakers"
                    : were == names.size() ? "Rename a speaker" : EditDescriptions.count(names.size(), "speaker");
        }
    }

    /** These words are said by a speaker; what is found later does not change that. @param speaker 1 for the first */
    record GiveSpeaker(List<Long> wordIds, int speaker) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return SpeakerWords.given(track, wordIds, speaker);
        }

        @Override
        public String said(Track before) {
            return EditDescriptions.words(before, wordIds) + " by "
                    + before.beside().speakers().name(speaker);
        }
    }

    /** Who says the words that were not given to a speaker, as it was found. */
    record PlaceSpeakers(List<SpeakerWords.Turn> turns) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return SpeakerWords.found(track, turns);
        }

        @Override
        public String said(Track before) {
            return "Find who speaks, " + EditDescriptions.count(turns.size(), "turn")
                    + EditDescriptions.butLocked(before);
        }
    }

    /** Each says what the other said. */
    record SwapSpeakers(int first, int second) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return SpeakerWords.swapped(track, first, second);
        }

        @Override
        public String said(Track before) {
            Speakers speakers = before.beside().speakers();
            return "Swap " + speakers.name(first) + " and " + speakers.name(second);
        }
    }

    /** The first says nothing more: it was the other. */
    record MergeSpeakers(int gone, int into) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return SpeakerWords.merged(track, gone, into);
        }

        @Override
        public String said(Track before) {
            Speakers speakers = before.beside().speakers();
            return "Merge " + speakers.name(gone) + " into " + speakers.name(into);
        }
    }

    /** Sets facets of the look of all that a speaker says. @param reset names of facets whose overrides are removed */
    record LookOfSpeaker(int speaker, @MayBeMissing LookPatch look, @MayBeMissing List<String> reset)
            implements MarkEdit {
        public LookOfSpeaker {
            look = look == null ? LookPatch.NONE : look;
            reset = reset == null ? List.of() : List.copyOf(reset);
            reset.forEach(Facets::named);
        }

        @Override
        public Track on(Track track) {
            SpeakerWords.there(track, speaker);
            LookPatch own = track.styling().speaker(speaker);
            LookPatch changed =
                    look.over(own.without(reset.stream().map(Facets::named).toList()));
            return track.withStyling(track.styling().withSpeaker(speaker, changed));
        }

        @Override
        public String said(Track before) {
            return "Look of " + before.beside().speakers().name(speaker) + EditDescriptions.butLocked(before);
        }
    }
}
