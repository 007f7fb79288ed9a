package saltdrum.server.api.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.server.store.people.AuditEntry;
import saltdrum.server.store.people.AuditLog;

@Tag(name = "people")
@RestController
@RequestMapping("/api/people/record")
class AuditController {
    private static final int PAGE = 50;

    private final AuditLog audit;

    AuditController(AuditLog audit) {
        this.audit = audit;
    }

    @Operation(summary = "Who did what, the newest first: fifty, of those before one")
    @GetMapping
    List<AuditEntry> entries(@RequestParam(required = false) Long before) {
        return audit.before(before == null ? Long.MAX_VALUE : before, PAGE);
    }

    @Operation(summary = "The whole record, a year of it, as CSV (RFC 4180)")
    @GetMapping(path = "/csv", produces = "text/csv")
    ResponseEntity<byte[]> csv() {
        String csv = Stream.concat(
                        Stream.of(List.of("when", "who", "did", "about")),
                        audit.all().stream()
                                .map(entry -> List.of(
                                        entry.made().toInstant().toString(),
                                        entry.person() == null ? "" : entry.person(),
                                        entry.did(),
                                        entry.about())))
                .map(row -> row.stream().map(AuditController::field).collect(Collectors.joining(",")) + "\r\n")
                .collect(Collectors.joining());
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("salt-drum-record.csv")
                                .build()
                                .toString())
                .body(csv.getBytes(StandardCharsets.UTF_8));
    }

    /** In quotes; what a spreadsheet would take for a formula has an apostrophe before it (OWASP, “CSV Injection”). */
    private static String field(String value) {
        boolean formula = !value.isEmpty() && "=+-@\t\r".indexOf(value.charAt(0)) >= 0;
        return '"' + (formula ? "'" : "") + value.replace("\"", "\"\"") + '"';
    }
}
