package saltdrum.core.layout.type;

/** Scripts whose letters are joined to their neighbours: no room comes between them, and no colour ends at one. */
public final class JoiningScripts {
    private JoiningScripts() {}

    public static boolean anyIn(String text) {
        return text.codePoints().anyMatch(c -> switch (Character.UnicodeScript.of(c)) {
            case ARABIC, SYRIAC, MONGOLIAN, NKO, DEVANAGARI, BENGALI, GURMUKHI -> true;
            default -> false;
        });
    }
}
