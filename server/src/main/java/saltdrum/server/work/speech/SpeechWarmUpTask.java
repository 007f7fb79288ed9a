package saltdrum.server.work.speech;

import jakarta.annotation.PostConstruct;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import saltdrum.core.SaltDrumException;
import saltdrum.server.Settings;
import saltdrum.server.store.job.Lane;
import saltdrum.server.work.run.Concurrency;
import saltdrum.speech.SpeechDesk;

/**
 * In a process that recognises speech: reads the speech models through, loads and tries them, so that the first clip does not wait. It begins while the last of
 * the server starts; earlier it only takes longer, because the compiler has the whole start to do first. The server
 * answers once the models are read through.
 */
@Component
class SpeechWarmUpTask {
    private static final Logger LOG = LoggerFactory.getLogger(SpeechWarmUpTask.class);

    private final SpeechDesk speech;
    private final Runnable trial;
    private final Concurrency concurrency;
    private final boolean warm;
    private CompletableFuture<Void> checked = CompletableFuture.completedFuture(null);
    private CompletableFuture<Void> ready = CompletableFuture.completedFuture(null);

    @Autowired
    SpeechWarmUpTask(SpeechDesk speech, Concurrency concurrency, Settings settings) {
        this(speech, speech::warm, concurrency, settings);
    }

    /** @param trial loads and tries the models */
    SpeechWarmUpTask(SpeechDesk speech, Runnable trial, Concurrency concurrency, Settings settings) {
        this.speech = speech;
        this.trial = trial;
        this.concurrency = concurrency;
        this.warm = settings.warm();
    }

    @PostConstruct
    void begin() {
        if (concurrency.in(Lane.HEARING) == 0) {
            return;
        }
        Executor aside = SpeechWarmUpTask::aside;
        checked = CompletableFuture.runAsync(speech::check, aside);
        ready = warm ? checked.thenRunAsync(this::warm, aside) : checked;
    }

    /** Begins something else that is wanted soon, when this is no longer in its way. */
    void then(Runnable next) {
        ready.thenRunAsync(next, SpeechWarmUpTask::aside);
    }

    private static void aside(Runnable work) {
        Thread thread = new Thread(work, "speech-ready");
        thread.setDaemon(true);
        thread.start();
    }

    @EventListener(ApplicationReadyEvent.class)
    void tell() {
        checked.join();
        speech.troubles().forEach(LOG::warn);
    }

    private void warm() {
        try {
            trial.run();
        } catch (SaltDrumException e) {
            // The page reports it next to the choice of language.
            LOG.warn(e.getMessage());
        }
    }
}
