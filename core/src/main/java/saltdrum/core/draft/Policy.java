package saltdrum.core.draft;

/** A way of writing that can be laid over a whole track; each is one edit and can be undone. */
public enum Policy {
    /** Capitals, sentence ends and commas, from pauses and a few rules. */
    SENTENCES("Write sentences"),
    /** Spoken numbers become figures. */
    FIGURES("Write numbers as figures"),
    /** Figures become words, as they are said; several words of one number stay one, joined by no-break spaces. */
    NUMBERS_IN_WORDS("Write numbers as words"),
    /** Punctuation goes, but for what stands inside a word. */
    NO_PUNCTUATION("Strip the punctuation");

    public final String said;

    Policy(String said) {
        this.said = said;
    }
}
