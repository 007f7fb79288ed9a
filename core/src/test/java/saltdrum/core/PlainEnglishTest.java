package saltdrum.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Comments, messages and documents avoid the words that CONTRIBUTING.md lists, and long sentences. */
class PlainEnglishTest {
    private static final Path ROOT = Path.of("..");
    private static final int MOST_WORDS = 30;

    /** From CONTRIBUTING.md, “Plain English”. “Stands out” is ordinary English. */
    private static final Pattern AVOIDED = Pattern.compile(
            "\\b(stands?(?! out)|standing|stood|told|reckon\\w*|nobody|whoever|whomever|whatever|wherever|anew|asked for"
                    + "|comes? to|came to|goes? with|gives? way|takes? the place|took the place|in any case|lies|house|hands)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Alternatives in order: strings, characters, and then comments, which are the only group. */
    private static final Pattern JAVA = Pattern.compile(
            "\"\"\".*?\"\"\"|\"(?:\\\\.|[^\"\\\\\\n])*\"|'(?:\\\\.|[^'\\\\\\n])+'|(/\\*.*?\\*/|//[^\\n]*(?:\\n\\s*//[^\\n]*)*)",
            Pattern.DOTALL);

    /** Only comments on lines of their own: JSX text contains apostrophes and slashes. */
    private static final Pattern TYPESCRIPT =
            Pattern.compile("(?:^|\\n)[ \\t]*(/\\*\\*.*?\\*/|//[^\\n]*(?:\\n[ \\t]*//[^\\n]*)*)", Pattern.DOTALL);

    private static final Pattern JAVA_MESSAGE = Pattern.compile("\"((?:\\\\.|[^\"\\\\\\n])*)\"");
    private static final Pattern PAGE_MESSAGE =
            Pattern.compile("[\"'`]([A-Z“][^\"'`<>=;]*)[\"'`]|[>}]([^<>{}=;()]+)[<{]");
    private static final Pattern WORDS = Pattern.compile("(\\p{L}+[,.:;]? ){2}\\p{L}+");
    private static final Pattern CODE_LIKE = Pattern.compile(
            "#\\{|:[0-9]|\\b(select|insert|update|delete|where|from \\w+ where|order by|on conflict)\\b|^ ?(a an|the a) |[|\\\\]{1}[bdsw(]");

    private static final Pattern CODE = Pattern.compile("\\{@\\w+\\s[^}]*}|@param \\S+|`[^`]*`");

    @Test
    void commentsAreInPlainEnglish() throws IOException {
        List<String> faults = new ArrayList<>();
        for (Path file : sources()) {
            Matcher comments = (file.toString().endsWith(".java") ? JAVA : TYPESCRIPT).matcher(Files.readString(file));
            while (comments.find()) {
                if (comments.group(1) != null) {
                    faults(comments.group(1)).forEach(fault -> faults.add(file.getFileName() + ": " + fault));
                }
            }
        }
        assertThat(faults).isEmpty();
    }

    /**
     * String literals of three words and more in the product's own code: messages, labels, summaries of operations. Lists of
     * words and of benchmarks are exempt.
     */
    @Test
    void messagesAreInPlainEnglish() throws IOException {
        List<String> faults = new ArrayList<>();
        int messages = 0;
        for (Path file : sources()) {
            if (file.toString()
                    .matches(".*/src/test/.*|.*\\.test\\..*|.*/(WordSense|LanguageGuess|BenchCommand)\\.java")) {
                continue;
            }
            String code = Files.readString(file).replaceAll("\"\\s*\\n\\s*\\+ \"", "");
            Matcher found = (file.toString().endsWith(".java") ? JAVA_MESSAGE : PAGE_MESSAGE).matcher(code);
            while (found.find()) {
                String message = found.group(1) != null ? found.group(1) : found.group(2);
                if (message != null
                        && WORDS.matcher(message).find()
                        && !CODE_LIKE.matcher(message).find()) {
                    messages++;
                    faults(message.replaceAll("\\s+", " "))
                            .forEach(fault -> faults.add(file.getFileName() + ": " + fault));
                }
            }
        }
        assertThat(messages).isGreaterThan(1500);
        assertThat(faults).isEmpty();
    }

    /** Quotations, code, text in parentheses and addresses are not counted. */
    @Test
    void documentsAreInPlainEnglish() throws IOException {
        List<String> faults = new ArrayList<>();
        try (Stream<Path> files = Files.walk(ROOT)) {
            List<Path> documents = files.filter(
                            file -> file.toString().matches("\\.\\./((docs|[a-z0-9]+|docs/[a-z-]+)/)?[^/]*\\.md"))
                    .filter(file -> !file.endsWith("NOTICE.md"))
                    .toList();
            assertThat(documents).hasSizeGreaterThan(60);
            for (Path document : documents) {
                for (String block : blocks(Files.readString(document))) {
                    faults(block).forEach(fault -> faults.add(document.getFileName() + ": " + fault));
                }
            }
        }
        assertThat(faults).isEmpty();
    }

    /** Paragraphs, headings, entries of lists and cells of tables. */
    private static List<String> blocks(String markdown) {
        String text = markdown.replaceAll("(?ms)^```.*?^```", "")
                .replaceAll("`[^`]*`", "code")
                .replaceAll("\\]\\([^)]*\\)", "]")
                .replaceAll("“[^”]*”|\\*[A-Z][a-z]+\\*", "quoted")
                .replaceAll("\\([^()]*\\)", "")
                .replaceAll("(?m)^\\|\\s*Avoid \\|(.|\\n)*?\\n\\n", "\n");
        List<String> blocks = new ArrayList<>();
        for (String block : text.split("\\n\\s*\\n|\\n(?=[-*#|]|\\d+\\. )")) {
            blocks.addAll(List.of((block.startsWith("|") ? block.replace("|", "\n") : block.replaceAll("\\s+", " "))
                    .replace(" · ", "\n")
                    .replaceAll("(?<=[.!?:;])\\*+ ", " ")
                    .split("\n")));
        }
        return blocks;
    }

    @Test
    void avoidedWordsAndLongSentencesAreFound() {
        assertThat(faults("/** What stands here. */")).containsExactly("“stands” in: What stands here.");
        assertThat(faults("/**\n * Evicts the entry that\n * {@code stands} out of {@link #date}.\n */"))
                .isEmpty();
        assertThat(faults("// " + "word ".repeat(MOST_WORDS) + "end."))
                .containsExactly("31 words: " + "word ".repeat(MOST_WORDS) + "end.");
        assertThat(faults("// " + "word ".repeat(MOST_WORDS) + "\n// @param end"))
                .isEmpty();
        assertThat(JAVA.matcher("s = \"// stands\";").results().filter(found -> found.group(1) != null))
                .isEmpty();
    }

    /** The first column of the table in CONTRIBUTING.md. */
    @Test
    void everyWordToAvoidIsFound() throws IOException {
        String text = Files.readString(ROOT.resolve("CONTRIBUTING.md"));
        String table = text.substring(text.indexOf("| Avoid | Write |"), text.indexOf("## Rules that a test enforces"));
        List<String> phrases = table.lines()
                .skip(2)
                .filter(line -> line.startsWith("|"))
                .flatMap(line -> Stream.of(line.split("\\|")[1].split(",")))
                .map(String::strip)
                .toList();
        assertThat(phrases).contains("stands", "anew").allMatch(phrase -> AVOIDED.matcher(phrase)
                .find());
    }

    private static List<Path> sources() throws IOException {
        try (Stream<Path> files = Files.walk(ROOT)) {
            List<Path> sources = files.filter(file -> file.toString().matches(".*/src/.*\\.(java|tsx?)"))
                    .filter(file -> !file.toString().matches(".*/(node_modules|target)/.*|.*/schema\\.d\\.ts"))
                    .toList();
            assertThat(sources).hasSizeGreaterThan(1000);
            return sources;
        }
    }

    private static List<String> faults(String comment) {
        List<String> faults = new ArrayList<>();
        // Tags begin a sentence of their own.
        String text = comment.replaceAll("(?m)^\\s*(/\\*+|\\*/|\\*|//)|\\*/", " ")
                .replaceAll("\\s+", " ")
                .replaceAll(" (?=@param|@return|@throws|<p>|<li>)", "\n");
        for (String paragraph : CODE.matcher(text).replaceAll("code").split("\n")) {
            for (String sentence : paragraph.strip().split("(?<=[.!?:;]) ")) {
                Matcher avoided = AVOIDED.matcher(sentence);
                while (avoided.find()) {
                    faults.add("“" + avoided.group() + "” in: " + sentence);
                }
                int words = sentence.split(" ").length;
                if (words > MOST_WORDS) {
                    faults.add(words + " words: " + sentence);
                }
            }
        }
        return faults;
    }
}
