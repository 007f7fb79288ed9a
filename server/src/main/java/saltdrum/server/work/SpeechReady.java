package saltdrum.server.work;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import saltdrum.core.SaltDrumException;
import saltdrum.speech.SpeechDesk;

/** Reads the speech models through and loads them once the server answers, so that the first clip does not wait. */
@Component
class SpeechReady {
    private static final Logger LOG = LoggerFactory.getLogger(SpeechReady.class);

    private final SpeechDesk speech;

    SpeechReady(SpeechDesk speech) {
        this.speech = speech;
    }

    @EventListener(ApplicationReadyEvent.class)
    void prepare() {
        speech.check();
        speech.troubles().forEach(LOG::warn);
        Thread thread = new Thread(this::warm, "speech-ready");
        thread.setDaemon(true);
        thread.start();
    }

    private void warm() {
        try {
            speech.warm();
        } catch (SaltDrumException e) {
            // Told in the page wherever the language is chosen.
            LOG.warn(e.getMessage());
        }
    }
}
