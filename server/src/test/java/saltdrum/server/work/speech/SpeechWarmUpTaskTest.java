package saltdrum.server.work.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.server.Patience;
import saltdrum.server.Settings;
import saltdrum.server.work.run.Concurrency;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.neural.ModelShelf;

/** A process reads the speech models only if it recognises speech. */
class SpeechWarmUpTaskTest {
    private final AtomicInteger tries = new AtomicInteger();

    @TempDir
    Path noModels;

    private List<String> troubles(int hearers, boolean warm) throws InterruptedException {
        SpeechDesk speech = new SpeechDesk(new ModelShelf(List.of(noModels)), null);
        Settings settings = new Settings(
                null, null, "", 0, null, null, hearers, null, null, warm, null, null, null, null, null, null, null);
        SpeechWarmUpTask ready =
                new SpeechWarmUpTask(speech, tries::incrementAndGet, new Concurrency(settings, 2, 2048), settings);
        ready.begin();
        ready.tell();
        CountDownLatch done = new CountDownLatch(1);
        ready.then(done::countDown);
        assertThat(done.await(Patience.LIMIT.toSeconds(), TimeUnit.SECONDS)).isTrue();
        return speech.troubles();
    }

    @Test
    void aProcessThatRecognisesFindsMissingModels() throws InterruptedException {
        assertThat(troubles(1, false)).singleElement().asString().contains("model for English is missing");
    }

    @Test
    void aProcessThatDoesNotRecogniseLoadsNone() throws InterruptedException {
        assertThat(troubles(0, true)).isEmpty();
    }

    @Test
    void modelsAreTriedBeforeTheFirstClip() throws InterruptedException {
        troubles(1, true);
        assertThat(tries).hasValue(1);
    }

    /** As {@code salt-drum.warm=false} says. */
    @Test
    void aProcessThatIsNotToWarmUpOnlyChecksThem() throws InterruptedException {
        assertThat(troubles(1, false)).isNotEmpty();
        assertThat(tries).hasValue(0);
    }
}
