package saltdrum.server.store;

import jakarta.annotation.PostConstruct;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;
import saltdrum.core.style.StyleShelf;

/** The styles of this workshop, with all their versions; the newest of each is the one that is used. */
@Component
public class StyleStore implements StyleShelf {
    private final StyleMapper mapper;

    StyleStore(StyleMapper mapper) {
        this.mapper = mapper;
    }

    /** Those that ship with this version of the application are put on the shelf, or a version of them more. */
    @PostConstruct
    void ship() {
        List<Style> shipped = new ShippedStyles().all();
        for (int i = 0; i < shipped.size(); i++) {
            mapper.ship(shipped.get(i).name(), i);
            mapper.keep(shipped.get(i).name(), StyleFile.FORM.write(shipped.get(i)));
        }
    }

    @Override
    public List<Style> all() {
        return mapper.newest().stream().map(StyleFile::read).toList();
    }
}
