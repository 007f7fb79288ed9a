package saltdrum.core.style;

import java.util.List;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;

/** Where styles are found by their names. */
public interface StyleShelf {
    /** In the order of the strip. */
    List<Style> all();

    /** @throws BadInputException naming the styles there are, where none has that name */
    default Style get(String name) {
        List<Style> styles = all();
        return styles.stream()
                .filter(style -> style.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no style “" + name + "”. There are: "
                        + styles.stream().map(Style::name).collect(Collectors.joining(", ")) + "."));
    }
}
