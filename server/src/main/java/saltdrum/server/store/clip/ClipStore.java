package saltdrum.server.store.clip;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.cue.Track;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.OpaqueIds;
import saltdrum.server.store.RepeatableRead;
import saltdrum.server.store.track.TrackImport;

/** Clips, each with its track. */
@Component
public class ClipStore {
    /** For so long a removed clip can be brought back. */
    public static final int KEPT_DAYS = 14;

    private static final String GONE = "That clip no longer exists.";

    private final ClipMapper clips;
    private final TrackImport tracks;
    private final CaptionSearchIndex said;
    private final RepeatableRead repeatableRead;

    ClipStore(ClipMapper clips, TrackImport tracks, CaptionSearchIndex said, RepeatableRead repeatableRead) {
        this.repeatableRead = repeatableRead;
        this.said = said;
        this.clips = clips;
        this.tracks = tracks;
    }

    @Transactional
    public ClipRow add(String name, String mediaHash, ClipInfo info, Track empty) {
        String id = OpaqueIds.fresh();
        clips.add(id, name, mediaHash, info);
        tracks.bringIn(id, List.of(TrackImport.WithHistory.fresh(empty)));
        return clips.find(id);
    }

    /** A clip that was carried here with its captions and their histories. @return its id */
    @Transactional
    public String bringIn(String name, String mediaHash, ClipInfo info, List<TrackImport.WithHistory> whole) {
        String id = OpaqueIds.fresh();
        clips.add(id, name, mediaHash, info);
        tracks.bringIn(id, whole);
        return id;
    }

    public ClipRow get(String id) {
        ClipRow clip = clips.find(id);
        if (clip == null) {
            throw new NotFoundException(GONE);
        }
        return clip;
    }

    /** The newest first; each of the search's terms is in its name, its client's or its words. */
    public List<ClipListRow> listed(ClipSearch search) {
        List<ClipListRow> rows = clips.listed(search);
        if (search.terms().isEmpty()) {
            return rows;
        }
        List<Set<String>> saying = said.saying(search.terms());
        return rows.stream().filter(row -> holds(row, search.terms(), saying)).toList();
    }

    private static boolean holds(ClipListRow row, List<String> terms, List<Set<String>> saying) {
        String named = ClipSearch.folded(row.name() + "\n" + (row.client() == null ? "" : row.client()));
        return IntStream.range(0, terms.size())
                .allMatch(i -> named.contains(terms.get(i)) || saying.get(i).contains(row.id()));
    }

    public ClipListRow listed(String id) {
        return clips.listed(ClipSearch.of(id)).stream().findFirst().orElseThrow(() -> new NotFoundException(GONE));
    }

    /** Where the search's words are said, by clip: the first place of each. */
    public Map<String, SearchHit> found(ClipSearch search) {
        return said.places(search.terms());
    }

    public void prepared(String id, String posterHash, String peaksHash, String proxyHash) {
        clips.prepared(id, posterHash, peaksHash, proxyHash);
    }

    /** Another sound is listened to; its speech is not heard yet. */
    public void listenTo(String id, String sound) {
        clips.listenTo(id, sound);
    }

    public void speech(String id, String hash) {
        clips.speech(id, hash);
    }

    /** @param clientId null for the workshop itself */
    public void belongTo(String id, Long clientId) {
        clips.belongTo(id, clientId);
    }

    /** Of all clips that can be worked on. */
    public List<String> ids() {
        return clips.ids();
    }

    /** Whether there is a clip on any shelf. */
    public boolean any() {
        return clips.any();
    }

    public void rename(String id, String name) {
        known(clips.rename(id, name));
    }

    public void archive(String id, boolean is) {
        known(clips.archive(id, is));
    }

    /** It can be brought back until it is forgotten. */
    public void remove(String id) {
        known(clips.remove(id));
    }

    public void bringBack(String id) {
        known(clips.bringBack(id));
    }

    /** A removed clip goes for good, with its words and renders. */
    public void forget(String id) {
        known(clips.forget(id));
    }

    /** Clips that were removed longer ago go for good. */
    public void forgetRemoved() {
        clips.forgetOld(KEPT_DAYS);
    }

    /** Copies a clip with its footage and captions; the copy starts with an empty history. */
    public ClipRow copy(String id, String name) {
        return repeatableRead.run(() -> {
            String copy = OpaqueIds.fresh();
            clips.copy(get(id).id(), copy, name);
            clips.copyMeasured(id, copy);
            tracks.copy(id, copy);
            return clips.find(copy);
        });
    }

    private static void known(int changed) {
        if (changed == 0) {
            throw new NotFoundException(GONE);
        }
    }
}
