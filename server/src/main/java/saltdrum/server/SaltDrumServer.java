package saltdrum.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import saltdrum.core.layout.SceneMaker;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.speech.SpeechDesk;

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
    SpeechDesk speechDesk() {
        return new SpeechDesk();
    }
}
