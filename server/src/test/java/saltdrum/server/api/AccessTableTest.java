package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every operation, asked as everybody, against docs/access.md. */
class AccessTableTest extends OfATeam {
    private static final Pattern LINE =
            Pattern.compile("\\| `([A-Z]+) (\\S+)` \\| (\\S+) \\| (\\S+) \\| (\\S+) \\| (\\S+) \\|");

    private record Line(String method, String path, List<Boolean> may) {
        String name() {
            return method + " " + path;
        }

        /** For a missing object: authorised callers get a 404, and nothing is changed. */
        String asked() {
            return path.replaceAll("\\{(personId|invitationId|remarkId|wordId|client|version)\\}", "999999")
                    .replaceAll("\\{\\w+\\}", "nothing");
        }
    }

    private static List<Line> table() throws Exception {
        List<Line> lines = new ArrayList<>();
        for (String text : Files.readAllLines(Path.of("../docs/access.md"))) {
            Matcher line = LINE.matcher(text);
            if (line.matches()) {
                lines.add(new Line(
                        line.group(1),
                        line.group(2),
                        List.of(3, 4, 5, 6).stream()
                                .map(i -> line.group(i).equals("yes"))
                                .toList()));
            }
        }
        return lines;
    }

    @Test
    void everyOperationStandsInTheTable() throws Exception {
        List<String> described = new ArrayList<>();
        JsonNode paths = OverHttp.JSON
                .readTree(Files.readString(Path.of("../web/openapi.json")))
                .path("paths");
        paths.propertyStream().forEach(path -> path.getValue()
                .propertyNames()
                .forEach(method -> described.add(method.toUpperCase(Locale.ROOT) + " " + path.getKey())));
        List<String> named = table().stream().map(Line::name).toList();
        assertThat(named).doesNotHaveDuplicates().containsAll(described);
    }

    @Test
    void everybodyMayWhatTheTableSays() throws Exception {
        long client = client(owner(), "Night School");
        List<Visitor> all = List.of(
                stranger(),
                joined("walks-reviewer@quay.example", "REVIEWER", client),
                joined("walks-designer@quay.example", "DESIGNER", null),
                owner());
        List<String> names = List.of("nobody", "a reviewer", "a designer", "the owner");
        for (int who = 0; who < all.size(); who++) {
            all.get(who).json("GET", "/api/session", "");
            for (Line line : table()) {
                // These end what the walk goes by.
                if (line.path.equals("/api/session") && !line.method.equals("GET") || line.path.equals("/api/events")) {
                    continue;
                }
                int status = all.get(who).status(line.method, line.asked(), "{}");
                String asked = names.get(who) + " asks " + line.name() + ": " + status;
                if (line.may.get(who)) {
                    assertThat(status).as(asked).isNotIn(401, 403, 500);
                } else {
                    assertThat(status).as(asked).isEqualTo(who == 0 ? 401 : 403);
                }
            }
        }
    }

    @Test
    void announcementsAreForDesigners() throws Exception {
        assertThat(stranger().status("GET", "/api/events", "")).isEqualTo(401);
        long client = client(owner(), "Night School");
        assertThat(joined("hears@quay.example", "REVIEWER", client).status("GET", "/api/events", ""))
                .isEqualTo(403);
    }
}
