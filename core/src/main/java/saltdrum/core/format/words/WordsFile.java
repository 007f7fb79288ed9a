package saltdrum.core.format.words;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.FileCue;
import saltdrum.core.format.file.FileWord;
import saltdrum.core.format.file.TimedCues;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/**
 * Our open words file: language and words with times in seconds. Schema: {@code docs/formats/words.schema.json}.
 *
 * @param look overrides of the style for the whole track; null for none
 * @param roles the same for each emphasis role; null for none
 * @param headlines fixed texts; null for none
 */
@JsonIgnoreProperties(ignoreUnknown = true)
@JsonInclude(JsonInclude.Include.NON_NULL)
public record WordsFile(
        String language, List<Entry> words, LookPatch look, List<LookPatch> roles, List<Title> headlines) {
    public WordsFile(String language, List<Entry> words) {
        this(language, words, null, null, null);
    }

    /**
     * @param emphasis 1 to 4, or null for a plain word
     * @param begins {@code "cue"} or {@code "line"} if the word begins one; otherwise null, as is every word in a
     * file that leaves the breaks to a recipe
     * @param look overrides of the word; null for none
     * @param cueLook overrides of the cue that it begins; null for none
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Entry(
            String text,
            double start,
            double end,
            Double confidence,
            Integer emphasis,
            @JsonProperty("begins") String begins,
            LookPatch look,
            LookPatch cueLook) {}

    /**
     * A headline.
     *
     * @param from seconds; null for the clip's beginning
     * @param to seconds; null for its end
     * @param place {@code above}, {@code over} or {@code below}; null for above
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Title(String text, Double from, Double to, String place, LookPatch look) {
        static Title of(Headline headline) {
            return new Title(
                    headline.text(),
                    headline.fromMs() == 0 ? null : headline.fromMs() / 1000.0,
                    headline.toMs() == null ? null : headline.toMs() / 1000.0,
                    headline.place().name().toLowerCase(Locale.ROOT),
                    something(headline.look()));
        }

        Headline headline() {
            Headline.Place where = Arrays.stream(Headline.Place.values())
                    .filter(one -> one.name().equalsIgnoreCase(place == null ? "above" : place))
                    .findFirst()
                    .orElseThrow(() -> new BadInputException(
                            "A headline is placed above, over or below, not " + Quoted.of(place) + "."));
            return new Headline(0, text, ms(from, 0), to == null ? null : ms(to, 0), where, look);
        }

        private static Integer ms(Double seconds, int otherwise) {
            if (seconds == null) {
                return otherwise;
            }
            if (!(seconds >= 0 && seconds < 86_400)) {
                throw new BadInputException("A headline shows at " + seconds + " s; times run from 0 to a day.");
            }
            return (int) Math.round(seconds * 1000);
        }
    }

    public static WordsFile of(String language, List<Word> words) {
        return new WordsFile(
                language,
                words.stream().map(word -> entry(word, null, LookPatch.NONE)).toList());
    }

    /** With breaks and emphasis. */
    public static WordsFile of(Track track) {
        List<Entry> entries = new ArrayList<>();
        for (Cue cue : track.cues()) {
            for (int i = 0; i < cue.words().size(); i++) {
                String begins = i == 0 ? "cue" : cue.lineStarts().contains(i) ? "line" : null;
                entries.add(entry(cue.words().get(i), begins, i == 0 ? cue.look() : LookPatch.NONE));
            }
        }
        Styling styling = track.styling();
        return new WordsFile(
                track.language(),
                entries,
                something(styling.all()),
                styling.roles().isEmpty() ? null : styling.roles(),
                track.beside().headlines().isEmpty()
                        ? null
                        : track.beside().headlines().stream().map(Title::of).toList());
    }

    private static LookPatch something(LookPatch look) {
        return look.isEmpty() ? null : look;
    }

    private static Entry entry(Word word, String begins, LookPatch cueLook) {
        return new Entry(
                word.text(),
                word.startMs() / 1000.0,
                word.endMs() / 1000.0,
                word.confidence(),
                word.emphasis() == 0 ? null : word.emphasis(),
                begins,
                something(word.look()),
                something(cueLook));
    }

    public static WordsFile read(String json) {
        WordsFile file = Json.read(json, WordsFile.class, "words file");
        if (file.words == null) {
            throw new BadInputException("The words file has no “words”.");
        }
        for (Entry entry : file.words) {
            if (entry == null || entry.text == null || entry.text.isBlank()) {
                throw new BadInputException("The words file holds a word without text.");
            }
            if (!(entry.start >= 0 && entry.end >= 0 && entry.start < 86_400 && entry.end < 86_400)) {
                throw new BadInputException("The words file places " + Quoted.of(entry.text) + " at " + entry.start
                        + " to " + entry.end + " s; times run from 0 to a day.");
            }
        }
        return new WordsFile(
                file.language == null ? "und" : file.language, file.words, file.look, file.roles, file.headlines);
    }

    public String write() {
        return Json.writePretty(this);
    }

    public CaptionFile toCaptions() {
        List<CaptionFile.Repair> repairs = new ArrayList<>();
        List<Entry> sorted =
                words.stream().sorted(Comparator.comparingDouble(Entry::start)).toList();
        if (!sorted.equals(words)) {
            repairs.add(new CaptionFile.Repair(0, "The words were not in order of time; they are now."));
        }
        boolean broken = words.stream().anyMatch(entry -> "cue".equals(entry.begins));
        List<FileCue> cues = new ArrayList<>();
        List<FileWord> open = new ArrayList<>();
        List<Integer> lineStarts = new ArrayList<>();
        LookPatch cueLook = LookPatch.NONE;
        for (Entry entry : sorted) {
            if ("cue".equals(entry.begins) && !open.isEmpty()) {
                cues.add(cue(open, lineStarts, cueLook));
                CaptionFile.check(cues.size());
                open.clear();
                lineStarts.clear();
            } else if ("line".equals(entry.begins) && !open.isEmpty()) {
                lineStarts.add(open.size());
            }
            int start = (int) Math.round(entry.start * 1000);
            int end = Math.max(start + 1, (int) Math.round(entry.end * 1000));
            if (entry.end <= entry.start) {
                repairs.add(new CaptionFile.Repair(
                        0, Quoted.of(entry.text) + " ended before it began; it now lasts one millisecond."));
            }
            if (!open.isEmpty() && open.get(open.size() - 1).endMs() > start) {
                FileWord before = open.remove(open.size() - 1);
                open.add(new FileWord(
                        before.text(),
                        before.startMs(),
                        Math.max(before.startMs() + 1, start),
                        before.confidence(),
                        before.emphasis(),
                        before.look()));
                repairs.add(new CaptionFile.Repair(
                        0, Quoted.of(before.text()) + " overlapped the next word and was shortened."));
            }
            open.add(word(entry, start, end));
            if (open.size() == 1) {
                cueLook = entry.cueLook == null ? LookPatch.NONE : entry.cueLook;
            }
        }
        if (!open.isEmpty()) {
            cues.add(cue(open, lineStarts, cueLook));
        }
        Styling styling = look == null && roles == null ? null : new Styling(0, look, roles);
        return new CaptionFile(
                language.equals("und") ? null : language, cues, broken, null, repairs, styling, titles());
    }

    private List<Headline> titles() {
        return headlines == null
                ? null
                : headlines.stream()
                        .filter(one -> one != null)
                        .map(Title::headline)
                        .toList();
    }

    private static FileWord word(Entry entry, int startMs, int endMs) {
        return new FileWord(
                entry.text,
                startMs,
                endMs,
                entry.confidence == null ? 1 : Math.min(1, Math.max(0, entry.confidence)),
                entry.emphasis == null ? 0 : Math.min(Word.MOST_EMPHASIS, Math.max(0, entry.emphasis)),
                entry.look == null ? LookPatch.NONE : entry.look);
    }

    /** A words file has times of words only; the cue follows them. */
    private static FileCue cue(List<FileWord> words, List<Integer> lineStarts, LookPatch look) {
        FileWord last = words.get(words.size() - 1);
        return new FileCue(
                words.get(0).startMs(), last.endMs(), List.copyOf(words), List.copyOf(lineStarts), null, 0, look);
    }

    /** Words in order of time; one that overlaps the next ends earlier. Ids count from 1. */
    public List<Word> toWords() {
        return TimedCues.of(toCaptions(), new ArrayList<>()).stream()
                .flatMap(cue -> cue.words().stream())
                .toList();
    }
}
