package saltdrum.server.store.clip;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * A search index of the text of all tracks. It is updated before a search, not at each edit, so that typing is not
 * delayed.
 */
@Component
public class CaptionSearchIndex {
    private static final int AT_ONCE = 100;
    /** Before the first word of a cue. */
    private static final String CUE = "\f";

    private final CaptionSearchMapper mapper;

    CaptionSearchIndex(CaptionSearchMapper mapper) {
        this.mapper = mapper;
    }

    /** Writes down what has changed. */
    public void refresh() {
        List<CaptionSearchMapper.SaidRow> stale = mapper.stale(AT_ONCE);
        while (!stale.isEmpty()) {
            // A line stays a line, so that words can be counted.
            stale.forEach(row -> mapper.write(row, ClipSearch.folded(row.shown())));
            stale = stale.size() < AT_ONCE ? List.of() : mapper.stale(AT_ONCE);
        }
    }

    /** For each of the terms, folded, the clips in which a word holds it. */
    List<Set<String>> saying(List<String> terms) {
        refresh();
        List<Set<String>> saying = new ArrayList<>();
        terms.forEach(term -> saying.add(mapper.saying(term)));
        return saying;
    }

    /** By clip, where the first of these terms is said that is said there at all. */
    Map<String, SearchHit> places(List<String> terms) {
        Map<String, SearchHit> places = new HashMap<>();
        for (String term : terms) {
            for (CaptionSearchMapper.PlaceRow row : mapper.places(term)) {
                places.putIfAbsent(
                        row.clipId(),
                        new SearchHit(row.clipId(), cue(row.shown(), row.line()), row.atMs(), row.language()));
            }
        }
        return places;
    }

    /** The cue that a line is of. */
    private static String cue(String shown, int line) {
        String[] lines = shown.split("\n");
        int from = line - 1;
        while (from > 0 && !lines[from].startsWith(CUE)) {
            from--;
        }
        int to = from + 1;
        while (to < lines.length && !lines[to].startsWith(CUE)) {
            to++;
        }
        return String.join(" ", List.of(lines).subList(from, to)).substring(1);
    }
}
