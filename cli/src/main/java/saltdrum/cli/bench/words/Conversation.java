package saltdrum.cli.bench.words;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import saltdrum.cli.bench.words.Corpus.Spoken;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/**
 * Sentences of different voices, one after the other.
 *
 * @param truth who says each word, from 1 on
 */
record Conversation(Sound sound, List<Word> words, int[] truth) {
    private static final int TURNS = 14;
    private static final int MOST_WORDS = 24;
    private static final int GAP_MS = 240;

    /** What is said after the text's name in a recording's name. */
    private static String voice(Spoken spoken) {
        return spoken.name().substring(spoken.name().indexOf('-') + 1);
    }

    static Conversation of(List<Spoken> corpus, int voices, Random random) {
        List<Spoken> shuffled = new ArrayList<>(corpus);
        Collections.shuffle(shuffled, random);
        List<Spoken> speaking = new ArrayList<>();
        for (Spoken one : shuffled) {
            boolean other = speaking.stream().noneMatch(known -> voice(known).equals(voice(one)));
            if (speaking.size() < voices && other) {
                speaking.add(one);
            }
        }
        int[] next = new int[voices];
        List<Word> words = new ArrayList<>();
        List<Integer> truth = new ArrayList<>();
        List<short[]> parts = new ArrayList<>();
        int nowMs = 0;
        int last = -1;
        for (int t = 0; t < TURNS; t++) {
            int speaker = random.nextInt(voices);
            speaker = speaker == last ? (speaker + 1) % voices : speaker;
            last = speaker;
            Spoken spoken = speaking.get(speaker);
            int to = turnEnd(spoken, next[speaker], random);
            if (to == next[speaker]) {
                break;
            }
            List<Word> turn = spoken.truth().subList(next[speaker], to);
            next[speaker] = to;
            int from = turn.get(0).startMs();
            int end = turn.get(turn.size() - 1).endMs();
            parts.add(spoken.sound().part(from, end).samples());
            parts.add(new short[GAP_MS * Sound.RATE / 1000]);
            for (Word word : turn) {
                words.add(word.withId(words.size() + 1L)
                        .withTime(nowMs + word.startMs() - from, nowMs + word.endMs() - from));
                truth.add(speaker + 1);
            }
            nowMs += end - from + GAP_MS;
        }
        return new Conversation(
                joined(parts), words, truth.stream().mapToInt(i -> i).toArray());
    }

    /** After one to three sentences. */
    private static int turnEnd(Spoken spoken, int from, Random random) {
        int sentences = 1 + random.nextInt(3);
        int to = from;
        while (to < spoken.truth().size() && sentences > 0 && to - from < MOST_WORDS) {
            sentences -= spoken.truth().get(to).text().matches(".*[.!?]") ? 1 : 0;
            to++;
        }
        return to;
    }

    private static Sound joined(List<short[]> parts) {
        short[] all = new short[parts.stream().mapToInt(part -> part.length).sum()];
        int at = 0;
        for (short[] part : parts) {
            System.arraycopy(part, 0, all, at, part.length);
            at += part.length;
        }
        return Sound.of(all);
    }

    /** The first sentences of each speaker, as a person would mark them. @param marked how many a speaker */
    int[] given(int marked) {
        int[] given = new int[words.size()];
        int[] done = new int[words.size() + 1];
        for (int w = 0; w < given.length; w++) {
            if (done[truth[w]] < marked) {
                given[w] = truth[w];
                done[truth[w]] += words.get(w).text().matches(".*[.!?]") ? 1 : 0;
            }
        }
        return given;
    }

    /** Share of words with the right speaker, under the best naming of the speakers that were found. */
    double share(int[] found, int voices) {
        return best(found, new int[voices + 1], new boolean[voices + 1], 1, voices);
    }

    private double best(int[] found, int[] names, boolean[] taken, int at, int voices) {
        if (at > voices) {
            int right = 0;
            for (int w = 0; w < found.length; w++) {
                right += names[found[w]] == truth[w] ? 1 : 0;
            }
            return (double) right / found.length;
        }
        double most = 0;
        for (int name = 1; name <= voices; name++) {
            if (!taken[name]) {
                taken[name] = true;
                names[at] = name;
                most = Math.max(most, best(found, names, taken, at + 1, voices));
                taken[name] = false;
            }
        }
        return most;
    }
}
