package saltdrum.core.style;

import saltdrum.core.stored.StoredForm;

/** Reads and writes styles as JSON; the ones that ship are files of the same kind. */
public final class StyleFile {
    public static final StoredForm<Style> FORM = StoredForm.of(
            "style",
            Style.class,
            StyleForms::completeEntrances,
            StyleForms::turnLooksIntoFacets,
            StyleForms::acceptTransitions);

    private StyleFile() {}

    public static Style read(String json) {
        return FORM.read(json);
    }

    public static String write(Style style) {
        return FORM.writePretty(style);
    }
}
