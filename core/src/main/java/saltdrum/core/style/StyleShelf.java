package saltdrum.core.style;

import java.util.List;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Track;
import saltdrum.core.text.Quoted;

/** Where styles are found by their names. */
public interface StyleShelf {
    /** In the order of the strip. */
    List<Style> all();

    /**
     * @param version 0 for the newest; a shelf without versions has no others
     * @throws BadInputException naming the styles there are, where none has that name
     */
    default Style get(String name, int version) {
        List<Style> styles = all();
        return styles.stream()
                .filter(style -> style.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> missing(name, styles));
    }

    default Style get(String name) {
        return get(name, 0);
    }

    /** The style of a track, in the version that it was made with. */
    default Style of(Track track) {
        return get(track.style(), track.styling().version());
    }

    static BadInputException missing(String name, List<Style> styles) {
        return new BadInputException("There is no style " + Quoted.of(name) + ". There are: "
                + styles.stream().map(Style::name).collect(Collectors.joining(", ")) + ".");
    }
}
