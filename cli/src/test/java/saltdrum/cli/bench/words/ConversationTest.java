package saltdrum.cli.bench.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.cli.bench.words.Corpus.Spoken;
import saltdrum.speech.speakers.SpeakerFinder;
import saltdrum.speech.speakers.SpeakerFinder.Found.Stretch;

/** Voices of flite, Festival and eSpeak NG in conversations whose turns are known. */
class ConversationTest {
    /** The first conversations of {@code bench speakers}. */
    private static final int CONVERSATIONS = 4;

    @ParameterizedTest
    @ValueSource(ints = {2, 3})
    void voicesAreToldApart(int voices) throws Exception {
        Random random = new Random(voices);
        List<Spoken> corpus = Corpus.all();
        double right = 0;
        int words = 0;
        for (int i = 0; i < CONVERSATIONS; i++) {
            Conversation talk = Conversation.of(corpus, voices, random);
            int count = talk.words().size();
            int[] found = SpeakerFinder.find(talk.sound(), talk.words(), voices, new int[count])
                    .speakers();
            assertThat(found[0]).as("the first that is heard").isEqualTo(1);
            right += talk.share(found, voices) * count;
            words += count;
        }
        assertThat(right / words).isGreaterThanOrEqualTo(0.97);
    }

    @Test
    void wordsThatWereGivenStay() throws Exception {
        Conversation talk = Conversation.of(Corpus.all(), 2, new Random(2));
        int[] given = new int[talk.words().size()];
        given[0] = 2;
        given[5] = 1;
        int[] found = SpeakerFinder.find(talk.sound(), talk.words(), 2, given).speakers();
        assertThat(found[0]).isEqualTo(2);
        assertThat(found[5]).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"0.95, false", "0.85, true"})
    void aTurnThatIsLittleSureIsToBeListenedTo(double sure, boolean doubtful) {
        SpeakerFinder.Found found = new SpeakerFinder.Found(new int[] {1, 1, 2}, new double[] {1, 0.99, sure});
        assertThat(found.stretches()).isEqualTo(List.of(new Stretch(0, 1, false), new Stretch(2, 2, doubtful)));
    }
}
