package saltdrum.server;

import java.nio.file.Path;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * @param data folder of media and work in progress
 * @param workers jobs at the same time, beside renders
 * @param renderers renders at the same time; each takes all cores that it gets
 * @param allowedHosts names under which the server may be called
 * @param models folders of speech models separated by commas, the application's own first
 * @param outsideUrl address of a recogniser elsewhere, or empty
 * @param outsideLanguages tags of the languages it knows
 * @param translatorUrl address of a translator elsewhere, or empty
 */
@ConfigurationProperties("salt-drum")
public record Settings(
        Path data,
        int workers,
        int renderers,
        List<String> allowedHosts,
        String models,
        String outsideUrl,
        List<String> outsideLanguages,
        String translatorUrl) {}
