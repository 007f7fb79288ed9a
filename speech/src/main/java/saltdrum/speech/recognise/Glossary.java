package saltdrum.speech.recognise;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import saltdrum.core.word.Tokens;
import saltdrum.speech.model.Pronunciations;

/** Terms as the recogniser needs them: each word of a term with its pronunciations, and how it is written. */
final class Glossary {
    /** Spoken form to written form, both of one word. */
    private final Map<String, String> written = new LinkedHashMap<>();

    private final Map<String, List<List<String>>> ways = new LinkedHashMap<>();

    Glossary(List<Term> terms) {
        for (Term term : terms) {
            List<String> words = Tokens.split(term.written());
            for (String word : words) {
                String spoken = word.toLowerCase(Locale.ROOT).replaceAll("[^a-z']", "");
                if (spoken.isEmpty()) {
                    continue;
                }
                List<List<String>> said = new ArrayList<>();
                if (term.sayAs() != null && words.size() == 1) {
                    said.add(phones(Tokens.split(term.sayAs())));
                }
                said.addAll(Pronunciations.of(List.of(spoken)).getOrDefault(spoken, List.of()));
                said.removeIf(List::isEmpty);
                if (!said.isEmpty()) {
                    written.put(spoken, word);
                    ways.put(spoken, said);
                }
            }
        }
    }

    private static List<String> phones(List<String> words) {
        List<String> phones = new ArrayList<>();
        List<String> plain = words.stream()
                .map(w -> w.toLowerCase(Locale.ROOT).replaceAll("[^a-z']", ""))
                .toList();
        Map<String, List<List<String>>> known = Pronunciations.of(plain);
        plain.forEach(word ->
                phones.addAll(known.getOrDefault(word, List.of(List.of())).get(0)));
        return phones;
    }

    /** Words that are to be likelier than the language model thinks, separated by spaces. */
    String words() {
        return String.join(" ", written.keySet());
    }

    /** The word as it is to stand. */
    String written(String spoken) {
        return written.getOrDefault(spoken, spoken);
    }

    /** The dictionary with the terms' own pronunciations first; the file is gone when the program ends. */
    Path dictionary() {
        try (InputStream in = Glossary.class.getResourceAsStream(Pronunciations.DICTIONARY)) {
            Path file = Files.createTempFile("salt-drum", ".dict");
            file.toFile().deleteOnExit();
            try (BufferedWriter out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
                String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                for (String line : all.split("\n")) {
                    String word =
                            line.substring(0, Math.max(0, line.indexOf(' '))).replaceAll("\\(\\d+\\)$", "");
                    if (!ways.containsKey(word)) {
                        out.write(line + "\n");
                    }
                }
                for (Map.Entry<String, List<List<String>>> entry : ways.entrySet()) {
                    for (int i = 0; i < entry.getValue().size(); i++) {
                        String variant = i == 0 ? "" : "(" + (i + 1) + ")";
                        out.write(entry.getKey() + variant + " "
                                + String.join(" ", entry.getValue().get(i)) + "\n");
                    }
                }
            }
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
