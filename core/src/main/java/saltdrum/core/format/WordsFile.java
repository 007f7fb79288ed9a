package saltdrum.core.format;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Our open words file: language and words with times in seconds. Schema: {@code docs/formats/words.schema.json}. */
@JsonIgnoreProperties(ignoreUnknown = true)
public record WordsFile(String language, List<Entry> words) {
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record Entry(String text, double start, double end, Double confidence) {}

    public static WordsFile of(String language, List<Word> words) {
        return new WordsFile(
                language,
                words.stream()
                        .map(w -> new Entry(w.text(), w.startMs() / 1000.0, w.endMs() / 1000.0, w.confidence()))
                        .toList());
    }

    public static WordsFile read(String json) {
        WordsFile file = Json.read(json, WordsFile.class, "words file");
        if (file.words == null) {
            throw new BadInputException("The words file has no “words”.");
        }
        return new WordsFile(file.language == null ? "und" : file.language, file.words);
    }

    public String write() {
        return Json.writePretty(this);
    }

    /** Words in order of time; one that overlaps the next gives way at its end. Ids count from 1. */
    public List<Word> toWords() {
        List<Entry> sorted = words.stream()
                .sorted(java.util.Comparator.comparingDouble(Entry::start))
                .toList();
        List<Word> result = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            Entry entry = sorted.get(i);
            if (!(entry.start >= 0 && entry.end < 86_400)) {
                throw new BadInputException("The words file places “" + entry.text + "” at " + entry.start + " to "
                        + entry.end + " s; times run from 0 to a day.");
            }
            int start = (int) Math.round(entry.start * 1000);
            int end = (int) Math.round(entry.end * 1000);
            if (!result.isEmpty()) {
                start = Math.max(start, result.get(result.size() - 1).startMs() + 1);
            }
            end = Math.max(end, start + 1);
            if (!result.isEmpty() && result.get(result.size() - 1).endMs() > start) {
                Word before = result.remove(result.size() - 1);
                result.add(before.withTime(before.startMs(), start));
            }
            double confidence = entry.confidence == null ? 1 : entry.confidence;
            Word word = Word.of(i + 1L, entry.text, start, end, WordSource.IMPORTED);
            result.add(new Word(
                    word.id(), word.text(), start, end, confidence, word.source(), word.emphasis(), word.pin()));
        }
        return result;
    }
}
