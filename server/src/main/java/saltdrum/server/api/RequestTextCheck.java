package saltdrum.server.api;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import saltdrum.core.Json;
import saltdrum.core.text.Characters;
import tools.jackson.databind.DeserializationFeature;

/** Cleans every text of a request, in its body and address, of unsupported characters. */
@Configuration
class RequestTextCheck implements WebMvcConfigurer {
    @Bean
    JsonMapperBuilderCustomizer keptText() {
        return builder ->
                builder.addModule(Json.FROM_OUTSIDE).enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, String.class, Characters::kept);
    }
}
