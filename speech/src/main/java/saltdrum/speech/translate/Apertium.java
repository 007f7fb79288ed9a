package saltdrum.speech.translate;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.text.StringEscapeUtils;
import saltdrum.core.SaltDrumException;

/**
 * Debian's rule-based translator, used if installed. Each text is sent as a paragraph of its own, because the
 * translator reorders words across line ends.
 */
public final class Apertium implements Translator {
    private static final Pattern PARAGRAPH = Pattern.compile("<p>(.*?)</p>", Pattern.DOTALL);
    private static final int LONGEST_SECONDS = 120;

    private final String program;

    public Apertium() {
        this("apertium");
    }

    Apertium(String program) {
        this.program = program;
    }

    @Override
    public String name() {
        return "Apertium";
    }

    @Override
    public boolean supports(String from, String to) {
        return direction(from, to) != null;
    }

    /** Its name for the two languages, or null. Pairs are named by two or three letters. */
    private String direction(String from, String to) {
        Set<String> directions = directions();
        for (String direction :
                List.of(three(from) + "-" + three(to), two(from) + "-" + two(to), two(from) + "-" + three(to))) {
            if (directions.contains(direction)) {
                return direction;
            }
        }
        return null;
    }

    private static String two(String tag) {
        return Locale.forLanguageTag(tag).getLanguage();
    }

    private static String three(String tag) {
        try {
            return Locale.forLanguageTag(two(tag)).getISO3Language();
        } catch (MissingResourceException noLanguage) {
            return "";
        }
    }

    /** What is installed now; empty where the program is not. */
    private Set<String> directions() {
        try {
            return run(List.of(program, "-l"), "")
                    .lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty())
                    .collect(Collectors.toSet());
        } catch (IOException notInstalled) {
            return Set.of();
        }
    }

    @Override
    public List<String> translate(List<String> texts, String from, String to, BooleanSupplier stopped) {
        String direction = direction(from, to);
        if (direction == null) {
            throw new SaltDrumException("Apertium has no language pair " + from + " to " + to + " here. Install one: "
                    + "apt-get install apertium-" + three(from) + "-" + three(to));
        }
        String page = texts.stream()
                .map(text -> "<p>" + StringEscapeUtils.escapeXml11(text) + "</p>")
                .collect(Collectors.joining("\n"));
        String answer;
        try {
            answer = run(List.of(program, "-u", "-f", "html", direction), page);
        } catch (IOException e) {
            throw new SaltDrumException("Apertium could not be run. The translation was not changed.", e);
        }
        List<String> translated = new ArrayList<>();
        Matcher paragraphs = PARAGRAPH.matcher(answer);
        while (paragraphs.find()) {
            translated.add(StringEscapeUtils.unescapeHtml4(paragraphs.group(1)).strip());
        }
        if (translated.size() != texts.size()) {
            throw new SaltDrumException("Apertium gave back " + translated.size() + " texts for " + texts.size()
                    + ". The translation was not changed.");
        }
        for (int i = 0; i < texts.size(); i++) {
            translated.set(i, inCaseOf(texts.get(i), translated.get(i)));
        }
        return translated;
    }

    /** It begins every paragraph with a capital; a cue that goes on in a sentence does not. */
    private static String inCaseOf(String source, String text) {
        boolean small = source.codePoints().filter(Character::isLetter).limit(1).anyMatch(Character::isLowerCase);
        return small && !text.isEmpty() ? text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1) : text;
    }

    private static String run(List<String> command, String input) throws IOException {
        // Through files, so that neither side waits for the other.
        Path in = Files.createTempFile("salt-drum", ".in");
        Path out = Files.createTempFile("salt-drum", ".out");
        try {
            try (OutputStream file = Files.newOutputStream(in)) {
                file.write(input.getBytes(StandardCharsets.UTF_8));
            }
            Process process = new ProcessBuilder(command)
                    .redirectInput(in.toFile())
                    .redirectOutput(out.toFile())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (!process.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS)) {
                process.destroyForcibly();
                throw new SaltDrumException("Apertium did not end in " + LONGEST_SECONDS + " s and was stopped.");
            }
            if (process.exitValue() != 0) {
                throw new SaltDrumException("Apertium failed. The translation was not changed.");
            }
            return Files.readString(out);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new SaltDrumException("The translation was stopped.", e);
        } finally {
            Files.deleteIfExists(in);
            Files.deleteIfExists(out);
        }
    }
}
