package saltdrum.server.work.speech;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import saltdrum.server.Settings;

/** Reads the English dictionary once a server is there, so that the first look at a clip's findings does not wait for it. */
@Component
@ConditionalOnProperty(name = "salt-drum.role", havingValue = "server", matchIfMissing = true)
class SpellingWarmUpTask {
    private final Dictionaries dictionaries;
    private final SpeechWarmUpTask speech;
    private final boolean warm;

    SpellingWarmUpTask(Dictionaries dictionaries, SpeechWarmUpTask speech, Settings settings) {
        this.dictionaries = dictionaries;
        this.speech = speech;
        this.warm = settings.warm();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (warm) {
            // Speech models come first: after a start the user brings a clip before checking one.
            speech.then(() -> dictionaries.of("en"));
        }
    }
}
