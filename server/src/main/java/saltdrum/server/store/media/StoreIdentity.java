package saltdrum.server.store.media;

import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import saltdrum.core.SaltDrumException;
import saltdrum.server.store.OpaqueIds;

/**
 * Verifies that this process uses the media store that the database refers to. Two servers with one database and
 * different stores would each delete what the other has stored.
 */
@Component
class StoreIdentity implements InitializingBean {
    private final MediaStore media;
    private final MediaFileMapper mapper;
    private final boolean adopt;

    /** @param adopt whether a store without the mark is taken all the same, as when the old one was lost */
    StoreIdentity(MediaStore media, MediaFileMapper mapper, @Value("${salt-drum.adopt-media:false}") boolean adopt) {
        this.media = media;
        this.mapper = mapper;
        this.adopt = adopt;
    }

    /** @throws SaltDrumException in a sentence, which ends the start */
    @Override
    public void afterPropertiesSet() {
        try {
            String mark = mapper.storeMark();
            if (mark == null || adopt && !media.has(mark)) {
                String made =
                        media.keep(("salt-drum media store " + OpaqueIds.token()).getBytes(StandardCharsets.UTF_8));
                mapper.markStore(made, adopt);
                mark = mapper.storeMark();
            }
            if (!media.has(mark)) {
                throw new SaltDrumException("The media at " + media.where()
                        + " are not those that this workshop's database tells of. Give the folder or store that its"
                        + " server has; if that is lost, restore a backup, or start once with"
                        + " SALT_DRUM_ADOPT_MEDIA=true to go on without its files.");
            }
        } catch (UncheckedIOException e) {
            throw new SaltDrumException(
                    "The media at " + media.where() + " cannot be reached: "
                            + e.getCause().getMessage() + ". Nothing was changed.",
                    e);
        }
    }
}
