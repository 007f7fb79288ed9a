package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Every operation, requested by every role, against docs/access.md. {@code -Daccess.write=true} writes the table from
 * the answers, for a new operation; read the difference before you commit it.
 */
class AccessTableTest extends OfATeam {
    private static final Pattern LINE =
            Pattern.compile("\\| `([A-Z]+) (\\S+)` \\| (\\S+) \\| (\\S+) \\| (\\S+) \\| (\\S+) \\|");

    private record Line(String method, String path, List<Boolean> may) {
        String name() {
            return method + " " + path;
        }

        String written() {
            return "| `" + name() + "` | "
                    + may.stream().map(yes -> yes ? "yes" : "–").collect(Collectors.joining(" | ")) + " |";
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

    /** The operations of the OpenAPI description, as “GET /api/clips”. */
    private static List<String> described() throws Exception {
        List<String> described = new ArrayList<>();
        JsonNode paths = OverHttp.JSON
                .readTree(Files.readString(Path.of("../web/openapi.json")))
                .path("paths");
        paths.propertyStream().forEach(path -> path.getValue()
                .propertyNames()
                .forEach(method -> described.add(method.toUpperCase(Locale.ROOT) + " " + path.getKey())));
        return described;
    }

    @Test
    void everyOperationIsInTheTable() throws Exception {
        List<String> named = table().stream().map(Line::name).toList();
        assertThat(named).doesNotHaveDuplicates().containsAll(described());
    }

    /** These end the session that the test runs in, or do not end themselves. */
    private static boolean skipped(Line line) {
        return line.path.equals("/api/session") && !line.method.equals("GET") || line.path.equals("/api/events");
    }

    private List<Visitor> roles() throws Exception {
        long client = client(owner(), "Night School");
        List<Visitor> all = List.of(
                stranger(),
                joined("walks-reviewer@quay.example", "REVIEWER", client),
                joined("walks-designer@quay.example", "DESIGNER", null),
                owner());
        for (Visitor one : all) {
            one.json("GET", "/api/session", "");
        }
        return all;
    }

    @Test
    void everyRoleMayDoWhatTheTableSays() throws Exception {
        List<Visitor> all = roles();
        if (Boolean.getBoolean("access.write")) {
            write(all);
        }
        List<String> names = List.of("nobody", "a reviewer", "a designer", "the owner");
        for (int who = 0; who < all.size(); who++) {
            for (Line line : table()) {
                if (skipped(line)) {
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

    /** Adds the operations that are missing from the table. Take out by hand what is gone: media are described nowhere else. */
    private static void write(List<Visitor> all) throws Exception {
        List<String> described = described();
        List<Line> lines = new ArrayList<>(table());
        List<String> named = lines.stream().map(Line::name).toList();
        for (String name : described) {
            if (!named.contains(name)) {
                Line asked = new Line(name.split(" ")[0], name.split(" ")[1], List.of());
                List<Boolean> may = new ArrayList<>();
                for (Visitor one : all) {
                    int status = one.status(asked.method, asked.asked(), "{}");
                    may.add(status != 401 && status != 403);
                }
                lines.add(new Line(asked.method, asked.path, may));
            }
        }
        lines.sort(Comparator.comparing((Line line) -> line.may.indexOf(true))
                .thenComparing(Line::path)
                .thenComparing(Line::method));
        Path file = Path.of("../docs/access.md");
        List<String> text = new ArrayList<>(Files.readAllLines(file));
        int at = IntStream.range(0, text.size())
                .filter(i -> LINE.matcher(text.get(i)).matches())
                .findFirst()
                .orElseThrow();
        text.removeIf(one -> LINE.matcher(one).matches());
        text.addAll(at, lines.stream().map(Line::written).toList());
        Files.write(file, text);
    }

    @Test
    void announcementsAreForDesigners() throws Exception {
        assertThat(stranger().status("GET", "/api/events", "")).isEqualTo(401);
        long client = client(owner(), "Night School");
        assertThat(joined("hears@quay.example", "REVIEWER", client).status("GET", "/api/events", ""))
                .isEqualTo(403);
    }
}
