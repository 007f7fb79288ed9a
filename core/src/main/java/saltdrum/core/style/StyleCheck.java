package saltdrum.core.style;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.text.EmojiRule;

/** What is to be known of a style file before it is taken. */
public final class StyleCheck {
    /** A style is some kilobytes; more is none. */
    public static final int MOST_CHARACTERS = 262_144;

    private StyleCheck() {}

    /** @throws BadInputException saying what is wrong with it */
    public static Style read(String json) {
        if (json.length() > MOST_CHARACTERS) {
            throw new BadInputException("This file is too large for a style file (" + MOST_CHARACTERS / 1024
                    + " KB). Nothing was imported.");
        }
        try {
            return StyleFile.read(json);
        } catch (BadInputException e) {
            throw e;
        } catch (SaltDrumException e) {
            throw new BadInputException(e.getMessage(), e);
        }
    }

    /**
     * Families that a style uses and that are not available, so that others would replace them.
     *
     * @param there whether a family is available, ignoring case
     */
    public static List<String> missing(Style style, Predicate<String> there) {
        return looks(style)
                .map(look -> look.get(Facets.TYPEFACE))
                .filter(family -> family != null && !there.test(family))
                .distinct()
                .toList();
    }

    /** Names of the stickers that a style asks for. */
    public static List<String> stickers(Style style) {
        return looks(style)
                .map(look -> look.get(Facets.EMOJI))
                .filter(emoji -> emoji != null && EmojiRule.sticker(emoji))
                .distinct()
                .toList();
    }

    private static Stream<LookPatch> looks(Style style) {
        return Stream.concat(Stream.of(style.look()), style.emphasis().stream().map(Voice::look));
    }
}
