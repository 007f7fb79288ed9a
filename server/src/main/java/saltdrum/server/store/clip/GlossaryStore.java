package saltdrum.server.store.clip;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Glossaries: one a client, and one of the workshop (client id null) that holds for all. */
@Component
public class GlossaryStore {
    private final GlossaryMapper mapper;

    GlossaryStore(GlossaryMapper mapper) {
        this.mapper = mapper;
    }

    public List<GlossaryRow> of(Long clientId) {
        return mapper.of(clientId);
    }

    /** The terms that apply to a client's clips: its own, and those of the workshop with other spellings. */
    public List<GlossaryRow> rowsFor(Long clientId) {
        Map<String, GlossaryRow> terms = new LinkedHashMap<>();
        mapper.of(clientId).forEach(row -> terms.put(row.term().toLowerCase(Locale.ROOT), row));
        mapper.of(null).forEach(row -> terms.putIfAbsent(row.term().toLowerCase(Locale.ROOT), row));
        return List.copyOf(terms.values());
    }

    /** Their words alone. */
    public List<String> termsFor(Long clientId) {
        return rowsFor(clientId).stream().map(GlossaryRow::term).toList();
    }

    @Transactional
    public List<GlossaryRow> replace(Long clientId, List<GlossaryRow> terms) {
        mapper.clear(clientId);
        terms.forEach(row -> mapper.add(clientId, row));
        return mapper.of(clientId);
    }

    /** Adds a term; an existing term of that spelling is not changed. */
    public List<GlossaryRow> add(Long clientId, GlossaryRow term) {
        mapper.add(clientId, term);
        return mapper.of(clientId);
    }
}
