package saltdrum.server.store;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The glossary, one list for the whole workshop. */
@Component
public class GlossaryStore {
    private final GlossaryMapper mapper;

    GlossaryStore(GlossaryMapper mapper) {
        this.mapper = mapper;
    }

    public List<GlossaryRow> all() {
        return mapper.all();
    }

    @Transactional
    public List<GlossaryRow> replace(List<GlossaryRow> terms) {
        mapper.clear();
        terms.forEach(mapper::add);
        return mapper.all();
    }
}
