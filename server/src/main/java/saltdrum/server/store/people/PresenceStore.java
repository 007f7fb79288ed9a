package saltdrum.server.store.people;

import java.util.List;
import org.springframework.stereotype.Component;

/** Which pages have which clip open. A page sends heartbeats; one that stops is closed or asleep. */
@Component
public class PresenceStore {
    /** Two and a half times as long as pages are silent. */
    private static final int SILENT_SECONDS = 25;

    private final PresenceMapper pages;
    private final Actor actor;

    PresenceStore(PresenceMapper pages, Actor actor) {
        this.pages = pages;
        this.actor = actor;
    }

    /**
     * @param cueId of the cue that is selected or typed in; null for none
     * @return the other pages on the clip
     */
    public List<PresenceRow> seen(String page, String clipId, Long cueId, boolean typing) {
        pages.forgetSilent(SILENT_SECONDS);
        pages.seen(page, clipId, actor.personId(), cueId, typing);
        return pages.others(clipId, page, SILENT_SECONDS);
    }

    public void left(String page) {
        pages.remove(page);
    }
}
