package saltdrum.server.store;

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

    /** What holds for a client's clips: its own terms, and the workshop's where it has none of that spelling. */
    public List<GlossaryRow> holdingFor(Long clientId) {
        Map<String, GlossaryRow> terms = new LinkedHashMap<>();
        mapper.of(clientId).forEach(row -> terms.put(row.term().toLowerCase(Locale.ROOT), row));
        mapper.of(null).forEach(row -> terms.putIfAbsent(row.term().toLowerCase(Locale.ROOT), row));
        return List.copyOf(terms.values());
    }

    /** Their words alone. */
    public List<String> termsFor(Long clientId) {
        return holdingFor(clientId).stream().map(GlossaryRow::term).toList();
    }

    @Transactional
    public List<GlossaryRow> replace(Long clientId, List<GlossaryRow> terms) {
        mapper.clear(clientId);
        terms.forEach(row -> mapper.add(clientId, row));
        return mapper.of(clientId);
    }

    /** One more term; a term of that spelling stays as it is. */
    public List<GlossaryRow> add(Long clientId, GlossaryRow term) {
        mapper.add(clientId, term);
        return mapper.of(clientId);
    }
}
