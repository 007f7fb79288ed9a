package saltdrum.server.access;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import saltdrum.server.Settings;
import saltdrum.server.store.PersonStore;

/** Where people sign in and nobody can yet, whoever reads the server's own folder becomes the owner. */
@Component
@ConditionalOnWebApplication
class OwnersLink {
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
    void offer() throws IOException {
        Path file = settings.data().resolve(FILE);
        Files.deleteIfExists(file);
        if (signIn.required() && !people.anOwner()) {
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(file, signIn.url() + "/join/" + people.ownersLink() + "\n");
            LOG.info("Nobody can sign in yet: the link in {} makes the first owner.", file);
        }
    }
}
