package saltdrum.server.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class OpenApiSettings {
    @Bean
    OpenAPI describedApi() {
        return new OpenAPI()
                .info(new Info().title("Salt Drum").version("1").description("Captions for short videos."))
                .servers(java.util.List.of());
    }
}
