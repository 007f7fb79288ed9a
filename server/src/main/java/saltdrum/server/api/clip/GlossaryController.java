package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;
import saltdrum.server.api.Audited;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.GlossaryRow;
import saltdrum.server.store.clip.GlossaryStore;
import saltdrum.speech.recognise.Term;

@Tag(name = "glossary")
@RestController
@RequestMapping("/api/glossary")
class GlossaryController {
    private static final int MOST_TERMS = 2000;

    private final GlossaryStore glossary;
    private final ClientStore clients;

    GlossaryController(GlossaryStore glossary, ClientStore clients) {
        this.glossary = glossary;
        this.clients = clients;
    }

    /**
     * @param term its spelling
     * @param sayAs its pronunciation in ordinary words; missing if it follows from the spelling
     */
    record TermView(String term, String sayAs) {}

    /** @param text the same as people write it, see {@link Term#lines} */
    record GlossaryView(List<TermView> terms, String text) {}

    /**
     * @param terms all terms; null if {@code text} is given
     * @param text one term a line, with its pronunciation after an equals sign; null if {@code terms} is given
     */
    record GlossaryRequest(List<TermView> terms, String text) {
        List<TermView> wanted() {
            return text == null
                    ? terms
                    : Term.lines(text).stream()
                            .map(term -> new TermView(term.written(), term.sayAs()))
                            .toList();
        }
    }

    @Operation(summary = "Names and trade terms of a client, or of the workshop, which recognition listens for")
    @GetMapping
    GlossaryView of(@RequestParam(required = false) Long client) {
        return view(glossary.of(client));
    }

    @Operation(summary = "Puts these terms in the place of all")
    @Audited("Changed the terms")
    @PutMapping
    GlossaryView replace(@RequestParam(required = false) Long client, @RequestBody GlossaryRequest request) {
        List<TermView> wanted = request.wanted();
        if (wanted == null || wanted.size() > MOST_TERMS) {
            throw new BadInputException("A glossary holds up to " + MOST_TERMS + " terms.");
        }
        clients.check(client);
        return view(glossary.replace(
                client, wanted.stream().map(GlossaryController::row).toList()));
    }

    @Operation(summary = "One more term")
    @Audited("Added a term")
    @PostMapping
    GlossaryView add(@RequestParam(required = false) Long client, @RequestBody TermView term) {
        clients.check(client);
        if (glossary.of(client).size() >= MOST_TERMS) {
            throw new BadInputException("A glossary holds up to " + MOST_TERMS + " terms.");
        }
        return view(glossary.add(client, row(term)));
    }

    private static GlossaryRow row(TermView term) {
        if (term.term() == null || term.term().isBlank() || term.term().length() > 80) {
            throw new BadInputException("A term has 1 to 80 letters. Nothing was changed.");
        }
        if (term.sayAs() != null && term.sayAs().length() > 120) {
            throw new BadInputException(
                    Quoted.of(term.term()) + " can have a pronunciation of at most 120 letters. Nothing was changed.");
        }
        String sayAs = term.sayAs() == null || term.sayAs().isBlank()
                ? null
                : term.sayAs().strip();
        return new GlossaryRow(term.term().strip(), sayAs);
    }

    private static GlossaryView view(List<GlossaryRow> rows) {
        return new GlossaryView(
                rows.stream().map(row -> new TermView(row.term(), row.sayAs())).toList(),
                rows.stream()
                        .map(row -> new Term(row.term(), row.sayAs()).line())
                        .collect(Collectors.joining("\n")));
    }
}
