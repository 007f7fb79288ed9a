package saltdrum.server;

import java.net.URI;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.media.emoji.Stickers;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.MachineHyphens;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.natives.PrivateTemp;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.neural.ModelShelf;
import saltdrum.speech.outside.OutsideRecogniser;
import saltdrum.speech.translate.Apertium;
import saltdrum.speech.translate.OutsideTranslator;
import saltdrum.speech.translate.Translator;

@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class SaltDrumServer {
    private static final String WORKER = "--salt-drum.role=worker";

    public static void main(String[] args) {
        PrivateTemp.use();
        SpringApplication application = new SpringApplication(SaltDrumServer.class);
        if (Arrays.asList(args).contains(WORKER)) {
            // A worker serves no requests, so the web layer is not started.
            application.setWebApplicationType(WebApplicationType.NONE);
        }
        application.run(args);
    }

    @Bean
    FontShelf fontShelf() {
        return new FontShelf();
    }

    @Bean
    Stickers stickers() {
        return new Stickers();
    }

    @Bean
    SkijaTypesetter typesetter(FontShelf fonts, Stickers stickers) {
        return new SkijaTypesetter(fonts, stickers);
    }

    @Bean
    SceneMaker sceneMaker(Typesetter typesetter) {
        return new SceneMaker(typesetter, new MachineHyphens());
    }

    @Bean
    List<Translator> translators(Settings settings) {
        List<Translator> translators = new ArrayList<>();
        if (settings.translatorUrl() != null && !settings.translatorUrl().isBlank()) {
            translators.add(new OutsideTranslator(URI.create(settings.translatorUrl()), Duration.ofMinutes(2)));
        }
        translators.add(new Apertium());
        return translators;
    }

    @Bean
    SpeechDesk speechDesk(Settings settings) {
        boolean outside =
                settings.outsideUrl() != null && !settings.outsideUrl().isBlank();
        return new SpeechDesk(
                ModelShelf.of(settings.models()),
                outside
                        ? new OutsideRecogniser(
                                URI.create(settings.outsideUrl()),
                                Set.copyOf(settings.outsideLanguages()),
                                Duration.ofMinutes(10))
                        : null);
    }
}
