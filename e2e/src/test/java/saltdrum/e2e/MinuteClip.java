package saltdrum.e2e;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import saltdrum.core.Json;
import saltdrum.core.word.Word;
import saltdrum.server.SmallClips;

/** Tests on a minute's clip with a rough draft of its words. */
abstract class MinuteClip extends OnTheBench {
    private static final int LENGTH_MS = 60_000;

    /** A word as it is stored: what is written and when it is heard. */
    record Heard(long id, String text, int startMs, int endMs) {}

    List<Heard> heard(String clipId) throws Exception {
        List<Heard> words = new ArrayList<>();
        track(clipId).path("cues").forEach(cue -> cue.path("words")
                .forEach(w -> words.add(new Heard(
                        w.path("id").asLong(),
                        w.path("text").asString(),
                        w.path("startMs").asInt(),
                        w.path("endMs").asInt()))));
        return words;
    }

    static List<String> plain(List<Heard> words) {
        return words.stream().map(w -> w.text + " " + w.startMs + "–" + w.endMs).toList();
    }

    /** Does something that changes the track, and waits until it has. */
    void changing(String clipId, Runnable what) throws Exception {
        long before = version(clipId);
        what.run();
        awaitVersionAfter(clipId, before);
    }

    /** What is said in a minute of the harbour clip, over and over. */
    static List<Word> truth() throws Exception {
        List<Word> words = new ArrayList<>();
        List<Word> once = Demo.truth("three-coats").toWords();
        for (int turn = 0; turn < 4; turn++) {
            int by = turn * 17_500;
            for (Word word : once) {
                if (word.endMs() + by < LENGTH_MS) {
                    words.add(word.withTime(word.startMs() + by, word.endMs() + by)
                            .withId(words.size() + 1));
                }
            }
        }
        return words;
    }

    /** A minute's clip, small: three-coats over and over. */
    static Path minute() throws Exception {
        return SmallClips.looped("three-coats", LENGTH_MS / 1000);
    }

    record Said(String text, double start, double end, double confidence) {}

    /**
     * A rough draft.
     *
     * @param loose indexes of true words whose exact times the draft cannot know: run together, or not heard
     */
    record Draft(List<Said> words, Set<Integer> loose) {}

    /** Words misheard, pairs run together, words heard as two, and words not heard; each between words that are right. */
    static Draft draft() throws Exception {
        List<Word> truth = truth();
        List<Said> words = new ArrayList<>();
        Set<Integer> loose = new HashSet<>();
        int kind = 0;
        int right = 0;
        for (int i = 0; i < truth.size(); i++) {
            Word word = truth.get(i);
            double start = word.startMs() / 1000.0;
            double end = word.endMs() / 1000.0;
            boolean middle = right > 0
                    && i + 2 < truth.size()
                    && word.startMs() - truth.get(i - 1).endMs() < 200
                    && truth.get(i + 1).startMs() - word.endMs() < 200
                    && truth.get(i + 2).startMs() - truth.get(i + 1).endMs() < 200;
            if (!middle) {
                words.add(new Said(word.text(), start, end, 1));
                right++;
                continue;
            }
            right = 0;
            switch (kind++ % 4) {
                case 0 -> words.add(new Said("mumble", start, end, 0.3));
                case 1 -> {
                    words.add(new Said("murmur", start, truth.get(i + 1).endMs() / 1000.0, 0.3));
                    loose.addAll(List.of(i, ++i));
                }
                case 2 -> {
                    double half = (word.startMs() + word.durationMs() / 2) / 1000.0;
                    words.add(new Said("mum", start, half, 0.3));
                    words.add(new Said("ble", half, end, 0.3));
                }
                default -> loose.addAll(List.of(i - 1, i));
            }
        }
        return new Draft(words, loose);
    }

    String bringInMinute(List<Said> draft) throws Exception {
        String clipId = server.bring(minute(), "minute.mp4");
        String json = Json.write(java.util.Map.of("language", "en", "words", draft));
        server.caption(
                clipId, Files.writeString(Files.createTempDirectory("draft").resolve("draft.json"), json));
        page.navigate(server.url() + "/clips/" + clipId + "/words");
        page.locator("[data-word]").first().waitFor();
        return clipId;
    }
}
