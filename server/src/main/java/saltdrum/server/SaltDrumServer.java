package saltdrum.server;

import java.net.URI;
import java.time.Duration;
import java.util.Set;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import saltdrum.core.layout.SceneMaker;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.outside.OutsideRecogniser;

@SpringBootApplication
@ConfigurationPropertiesScan
public class SaltDrumServer {
    public static void main(String[] args) {
        SpringApplication.run(SaltDrumServer.class, args);
    }

    @Bean
    SceneMaker sceneMaker() {
        return new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
    }

    @Bean
    SpeechDesk speechDesk(Settings settings) {
        boolean outside =
                settings.outsideUrl() != null && !settings.outsideUrl().isBlank();
        return new SpeechDesk(
                outside
                        ? new OutsideRecogniser(
                                URI.create(settings.outsideUrl()),
                                Set.copyOf(settings.outsideLanguages()),
                                Duration.ofMinutes(10))
                        : null);
    }
}
