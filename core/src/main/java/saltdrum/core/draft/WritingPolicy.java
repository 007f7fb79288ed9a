package saltdrum.core.draft;

import java.util.Arrays;
import java.util.List;

/** A way of writing that can be applied to a whole track. Each application is one edit and can be undone. */
public enum WritingPolicy {
    /** Capitals, sentence ends and commas, from pauses and a few rules. */
    SENTENCES("Write sentences", Draft.AT_FIRST),
    /** Spoken numbers become figures. */
    FIGURES("Write numbers as figures", Draft.AT_FIRST),
    /** Figures become words, as they are said; several words of one number stay one, joined by no-break spaces. */
    NUMBERS_IN_WORDS("Write numbers as words", Draft.WHEN_CHOSEN),
    /** Removes punctuation, except inside words. */
    NO_PUNCTUATION("Strip the punctuation", Draft.NEVER);

    /** Whether a recognised draft is written by it: by default, on request, or never. */
    public enum Draft {
        AT_FIRST,
        WHEN_CHOSEN,
        NEVER
    }

    /** Those that a recognised draft is written by where nothing else is wanted, in their order. */
    public static final List<WritingPolicy> USUAL = Arrays.stream(values())
            .filter(policy -> policy.draft == Draft.AT_FIRST)
            .toList();

    public final String said;
    public final Draft draft;

    WritingPolicy(String said, Draft draft) {
        this.said = said;
        this.draft = draft;
    }

    /** The one that undoes it; null for none. */
    public WritingPolicy opposite() {
        return switch (this) {
            case FIGURES -> NUMBERS_IN_WORDS;
            case NUMBERS_IN_WORDS -> FIGURES;
            case SENTENCES, NO_PUNCTUATION -> null;
        };
    }
}
