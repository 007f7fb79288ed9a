package saltdrum.server.access.signin;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.context.WebApplicationContext;
import saltdrum.server.Settings;
import saltdrum.server.store.people.PersonStore;

/** If people sign in but there is no owner yet, anyone who can read the server's own folder may become the owner. */
@Component
public class OwnersLink {
    static final String FILE = "owner-link.txt";

    private static final Logger LOG = LoggerFactory.getLogger(OwnersLink.class);

    private final Settings settings;
    private final SignIn signIn;
    private final PersonStore people;

    OwnersLink(Settings settings, SignIn signIn, PersonStore people) {
        this.settings = settings;
        this.signIn = signIn;
        this.people = people;
    }

    @EventListener(ApplicationReadyEvent.class)
    void offer(ApplicationReadyEvent ready) throws IOException {
        if (!(ready.getApplicationContext() instanceof WebApplicationContext)) {
            // A worker has no sign-in.
            return;
        }
        Path file = file();
        Files.deleteIfExists(file);
        if (signIn.required() && !people.hasOwner()) {
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(file, signIn.url() + "/join/" + people.ownersLink() + "\n");
            LOG.info("There is no owner yet: the link in {} makes the first owner.", file);
        }
    }

    /** Deletes the link once there is an owner; it is no longer valid. */
    public void tidy() {
        try {
            if (people.hasOwner()) {
                Files.deleteIfExists(file());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path file() {
        return settings.data().resolve(FILE);
    }
}
