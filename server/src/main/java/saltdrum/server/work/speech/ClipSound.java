package saltdrum.server.work.speech;

import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.cue.Range;
import saltdrum.core.sound.Sound;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.clip.GlossaryStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.speech.recognise.Term;

/** What work on a clip's speech begins with: the sound that is listened to, and the terms that hold for it. */
@Component
public class ClipSound {
    private final ClipStore clips;
    private final MediaStore media;
    private final GlossaryStore glossary;

    ClipSound(ClipStore clips, MediaStore media, GlossaryStore glossary) {
        this.clips = clips;
        this.media = media;
        this.glossary = glossary;
    }

    /** The chosen sound at 16 kHz, as loud as speech usually is; made once and kept. */
    public Sound part(ClipRow clip, Range range) {
        ClipInfo info = clip.info();
        if (info.sounds().isEmpty()) {
            return Sound.NONE;
        }
        String hash = clip.speechHash();
        if (hash == null) {
            hash = media.keep(StoredSpeech.bytes(
                    SoundTrack.speech(media.file(clip.mediaHash()), SoundChoice.parse(clip.sound()))));
            clips.speech(clip.id(), hash);
        }
        return StoredSpeech.of(media.file(hash)).part(range.fromMs(), range.toMs());
    }

    List<Term> terms(ClipRow clip) {
        return glossary.rowsFor(clip.clientId()).stream()
                .map(row -> new Term(row.term(), row.sayAs()))
                .toList();
    }
}
