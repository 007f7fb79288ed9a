package saltdrum.server;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * @param data folder of media and work in progress
 * @param mediaUrl {@code s3://BUCKET/PREFIX} where media lie; null or empty for the folder
 * @param mediaEndpoint address of an S3 store that is not Amazon's; empty for that
 * @param mediaNearGigabytes that files of such a store may take here
 * @param role what this process is
 * @param workers light jobs at the same time; of this and the next two 0 is none, and null what the machine can bear
 * @param hearers clips that are heard or translated at the same time
 * @param renderers renders at the same time; each takes all cores that it gets
 * @param poll how often a process looks for jobs; those that are ordered in it while it has a hand free it takes up at once
 * @param warm whether what recognises speech is loaded and tried at the start; else the first clip waits for it
 * @param url address of the workshop as others call it, by which people have to sign in; null or empty for none
 * @param proxies addresses and networks of servers in front of this one, which are believed about who calls
 * @param allowedHosts names under which the server may be called
 * @param models folders of speech models separated by commas, the application's own first
 * @param outsideUrl address of a recogniser elsewhere, or empty
 * @param outsideLanguages tags of the languages it knows
 * @param translatorUrl address of a translator elsewhere, or empty
 */
@ConfigurationProperties("salt-drum")
public record Settings(
        Path data,
        String mediaUrl,
        @DefaultValue("") String mediaEndpoint,
        @DefaultValue("20") int mediaNearGigabytes,
        Role role,
        Integer workers,
        Integer hearers,
        Integer renderers,
        @DefaultValue("1s") Duration poll,
        @DefaultValue("true") boolean warm,
        String url,
        @DefaultValue({"127.0.0.1", "::1"}) List<String> proxies,
        List<String> allowedHosts,
        String models,
        String outsideUrl,
        List<String> outsideLanguages,
        String translatorUrl) {
    /** A server answers people and works; a worker works only. */
    public enum Role {
        SERVER,
        WORKER
    }

    public Settings {
        role = role == null ? Role.SERVER : role;
    }
}
