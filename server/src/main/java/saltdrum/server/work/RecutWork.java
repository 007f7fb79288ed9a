package saltdrum.server.work;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.recut.CarryOver;
import saltdrum.core.recut.CarryOverResult;
import saltdrum.core.recut.PlacedWord;
import saltdrum.core.recut.SoundMatch;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.clip.RecutRow;
import saltdrum.server.store.clip.RecutStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.speech.ClipSound;
import saltdrum.speech.SpeechDesk;

/**
 * Replaces a clip's footage and transfers its captions. Words are found by their sound, in any language; gaps as long
 * as the speech that is missing are recognised again if the language can be aligned.
 */
@Component
class RecutWork implements Work<WorkOrder.Recut> {
    /** With fewer words found it is other footage, not a re-cut. */
    private static final double LEAST_FOUND = 0.25;
    /** A gap that may hold what is missing, as a part of how long that was. */
    private static final double ROOM = 0.6;

    private static final int LEAST_GAP_MS = 300;

    private final RecutStore recuts;
    private final TrackStore tracks;
    private final MediaStore media;
    private final ClipSound sounds;
    private final SpeechDesk speech;
    private final ClipStore clips;
    private final PrepareWork prepare;

    RecutWork(
            RecutStore recuts,
            TrackStore tracks,
            MediaStore media,
            ClipSound sounds,
            SpeechDesk speech,
            ClipStore clips,
            PrepareWork prepare) {
        this.recuts = recuts;
        this.tracks = tracks;
        this.media = media;
        this.sounds = sounds;
        this.speech = speech;
        this.clips = clips;
        this.prepare = prepare;
    }

    @Override
    public Class<WorkOrder.Recut> order() {
        return WorkOrder.Recut.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Recut order, JobContext watch) {
        RecutRow offered = recuts.find(clip.id());
        if (offered == null) {
            throw new BadInputException("The other footage no longer exists. Upload it again.");
        }
        if (offered.carry() == null) {
            if (!takePlace(clip, offered, watch)) {
                watch.write(() -> recuts.refuse(clip.id()));
                return;
            }
            offered = recuts.find(clip.id());
        }
        CarryOver carry = offered.carry();
        tracks.change(clip.id(), watch.attempt(), track -> carry.said(), carry::on);
        prepare.work(clips.get(clip.id()), new WorkOrder.Prepare(), watch);
    }

    /** @return false where it was stopped; then all is as it was */
    private boolean takePlace(ClipRow clip, RecutRow offered, JobContext watch) {
        Track track = tracks.get(clip.id()).track();
        List<Word> words = track.words().toList();
        ClipInfo info = offered.info();
        int lengthMs = (int) info.durationMs();
        List<PlacedWord> placed = placed(clip, info, offered.mediaHash(), track, watch);
        if (watch.stopped()) {
            return false;
        }
        if (placed.size() < LEAST_FOUND * words.size()) {
            watch.write(() -> recuts.refuse(clip.id()));
            throw new BadInputException(
                    "Of the " + words.size() + " words of “" + clip.name() + "” only " + placed.size()
                            + " are in that footage: it is another clip. Nothing was changed; add it as a clip "
                            + "of its own.");
        }
        Set<Long> found = new HashSet<>();
        placed.forEach(one -> found.add(one.wordId()));
        List<Long> lost =
                words.stream().map(Word::id).filter(id -> !found.contains(id)).toList();
        recuts.takePlace(
                watch.attempt(),
                offered,
                clip.name() + " before " + offered.fileName(),
                new CarryOver(placed, lost, lengthMs),
                CarryOverResult.of(words, placed, (int) clip.info().durationMs(), lengthMs));
        return true;
    }

    private List<PlacedWord> placed(ClipRow clip, ClipInfo info, String mediaHash, Track track, JobContext watch) {
        List<Word> words = track.words().toList();
        if (words.isEmpty() || clip.info().sounds().isEmpty() || info.sounds().isEmpty()) {
            // Nothing to find them by: they stay where they are, as far as the footage goes.
            return words.stream()
                    .filter(word -> word.endMs() <= info.durationMs())
                    .map(word -> new PlacedWord(word.id(), word.startMs(), word.endMs()))
                    .toList();
        }
        watch.say("Comparing the sound of both");
        Sound before = sounds.part(clip, new Range(0, (int) clip.info().durationMs()));
        Sound after = SoundTrack.speech(media.file(mediaHash), SoundChoice.USUAL);
        watch.say("Finding " + words.size() + (words.size() == 1 ? " word" : " words"));
        List<PlacedWord> placed =
                new SoundMatch(before, after).place(words, done -> watch.progress(0.9 * done), watch::stopped);
        return speech.canAlign(track.language()) && !watch.stopped()
                ? withHeardAgain(words, placed, after, watch)
                : placed;
    }

    /** Recognises runs of words that were not found, in the gap between their found neighbours. */
    private List<PlacedWord> withHeardAgain(List<Word> words, List<PlacedWord> placed, Sound after, JobContext watch) {
        List<PlacedWord> all = new ArrayList<>();
        int next = 0;
        int from = 0;
        for (int i = 0; i < words.size(); ) {
            if (next < placed.size()
                    && placed.get(next).wordId() == words.get(i).id()) {
                from = placed.get(next).endMs();
                all.add(placed.get(next++));
                i++;
                continue;
            }
            int end = i;
            while (end < words.size()
                    && (next >= placed.size()
                            || placed.get(next).wordId() != words.get(end).id())) {
                end++;
            }
            int to = next < placed.size() ? placed.get(next).startMs() : after.lengthMs();
            all.addAll(heardAgain(words.subList(i, end), from, to, after, watch));
            i = end;
        }
        return all;
    }

    private List<PlacedWord> heardAgain(List<Word> run, int from, int to, Sound after, JobContext watch) {
        int said = run.get(run.size() - 1).endMs() - run.get(0).startMs();
        if (to - from < Math.max(LEAST_GAP_MS, ROOM * said)) {
            return List.of();
        }
        try {
            List<Word> heard = speech.align(
                    after.part(from, to), run.stream().map(Word::text).toList(), done -> {}, watch::stopped);
            List<PlacedWord> placed = new ArrayList<>();
            for (int i = 0; i < run.size(); i++) {
                Word word = heard.get(i);
                if (word.source() == WordSource.ALIGNED) {
                    placed.add(new PlacedWord(run.get(i).id(), from + word.startMs(), from + word.endMs()));
                }
            }
            return placed.size() * 2 >= run.size() ? placed : List.of();
        } catch (BadInputException cannotBeSaidThere) {
            return List.of();
        }
    }
}
