package saltdrum.cli.bench.words;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.Cpu;
import saltdrum.cli.bench.words.Corpus.Spoken;
import saltdrum.speech.speakers.SpeakerFinder;

/** Who speaks: conversations of the corpus's voices, two or three of them, whose turns are known. */
public final class SpeakersBench {
    private static final int CONVERSATIONS = 24;

    private SpeakersBench() {}

    public static void run(BenchReport report) throws IOException {
        List<Spoken> corpus = Corpus.all();
        for (int voices : new int[] {2, 3}) {
            List<Conversation> all = new ArrayList<>();
            Random random = new Random(voices);
            for (int i = 0; i < CONVERSATIONS; i++) {
                all.add(Conversation.of(corpus, voices, random));
            }
            for (int marked : new int[] {0, 1, 2}) {
                measure(report, all, voices, marked);
            }
        }
    }

    private static void measure(BenchReport report, List<Conversation> all, int voices, int marked) {
        int right = 0;
        int words = 0;
        double least = 1;
        double seconds = 0;
        long before = Cpu.ownNs();
        for (Conversation one : all) {
            SpeakerFinder.Found found = SpeakerFinder.find(one.sound(), one.words(), voices, one.given(marked));
            double share = one.share(found.speakers(), voices);
            right += (int) Math.round(share * one.words().size());
            words += one.words().size();
            least = Math.min(least, share);
            seconds += one.sound().seconds();
        }
        report.line(
                voices + " voices, " + (marked == 0 ? "number told" : marked + " sentences marked a voice")
                        + ": words right",
                100.0 * right / words,
                "%",
                ">= 97",
                String.format(
                        Locale.ROOT,
                        "%d conversations, %d words, the worst %.0f %%; %.4f s of CPU a second",
                        all.size(),
                        words,
                        100 * least,
                        (Cpu.ownNs() - before) / 1e9 / seconds));
    }
}
