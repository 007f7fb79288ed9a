package saltdrum.server.work.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.server.Settings;
import saltdrum.server.work.run.Concurrency;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.neural.ModelShelf;

/** A process reads the speech models only if it recognises speech. */
class SpeechWarmUpTaskTest {
    @TempDir
    Path noModels;

    private List<String> troubles(int hearers) {
        SpeechDesk speech = new SpeechDesk(new ModelShelf(List.of(noModels)), null);
        Settings settings = new Settings(
                null, null, "", 0, null, null, hearers, null, null, true, null, null, null, null, null, null, null);
        SpeechWarmUpTask ready = new SpeechWarmUpTask(speech, new Concurrency(settings, 2, 2048), settings);
        ready.begin();
        ready.tell();
        return speech.troubles();
    }

    @Test
    void aProcessThatRecognisesFindsMissingModels() {
        assertThat(troubles(1)).singleElement().asString().contains("model for English is missing");
    }

    @Test
    void aProcessThatDoesNotRecogniseLoadsNone() {
        assertThat(troubles(0)).isEmpty();
    }
}
