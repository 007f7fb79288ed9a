package saltdrum.core.edit;

import java.util.List;
import java.util.Locale;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.WritingPolicy;

/** Edits of the text of cues. */
public sealed interface TextEdit extends Edit {
    /**
     * The cue's text as typed; what was not changed keeps its time.
     *
     * @param asLines true: the text's line feeds become the cue's line breaks, as breaks by hand, and there are no
     *     others; false: a line feed only ends a word; null: true if the cue has a line break by hand and the text a
     *     line feed
     */
    record RetypeCue(long cueId, String text, @MayBeMissing Boolean asLines) implements TextEdit {
        public RetypeCue(long cueId, String text) {
            this(cueId, text, null);
        }

        @Override
        public Track on(Track track) {
            return TextEdits.retype(track, this);
        }

        @Override
        public String said(Track before) {
            return "Retype “" + EditDescriptions.shortened(text.replace('\n', ' ')) + "”";
        }
    }

    /** A new cue in a rest, which begins no earlier than {@code fromMs} and ends no later than {@code toMs}. */
    record AddCue(int fromMs, int toMs, String text) implements TextEdit {
        @Override
        public Track on(Track track) {
            return TextEdits.add(track, this);
        }

        @Override
        public String said(Track before) {
            return "Add “" + EditDescriptions.shortened(text) + "”";
        }
    }

    /** Replaces a word or phrase at these places (by first word) or, if null, at all places that are not locked. */
    record ReplaceText(String find, String with, @MayBeMissing List<Long> wordIds) implements TextEdit {
        @Override
        public Track on(Track track) {
            return TextMatches.replace(track, this);
        }

        @Override
        public String said(Track before) {
            return "Replace “" + EditDescriptions.shortened(find) + "” with “"
                    + EditDescriptions.shortened(with == null ? "" : with) + "”";
        }
    }

    /** Writes all unlocked words by a policy. */
    record RewriteByPolicy(WritingPolicy policy) implements TextEdit {
        @Override
        public Track on(Track track) {
            return TextEdits.redraft(track, policy);
        }

        @Override
        public String said(Track before) {
            return policy.said;
        }
    }

    /** The language that the words are in, BCP 47; they stay as they are. */
    record SetLanguage(String language) implements TextEdit {
        @Override
        public Track on(Track track) {
            return track.withLanguage(Edits.language(language));
        }

        @Override
        public String said(Track before) {
            return "Language " + Locale.forLanguageTag(language).getDisplayLanguage(Locale.ENGLISH);
        }
    }
}
