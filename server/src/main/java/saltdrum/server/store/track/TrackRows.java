package saltdrum.server.store.track;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.RenderedContent;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Converts between tracks and rows. */
final class TrackRows {
    private TrackRows() {}

    /** @param rows of its words, in order */
    static Track track(TrackRow row, List<WordRow> rows) {
        List<Cue> cues = new ArrayList<>();
        List<Word> words = new ArrayList<>();
        WordRow open = null;
        for (WordRow word : rows) {
            if (open != null && open.cueId() != word.cueId()) {
                cues.add(cue(open, words));
                words.clear();
            }
            open = word;
            words.add(new Word(
                    word.id(),
                    shortEnough(word.text()),
                    word.startMs(),
                    word.endMs(),
                    Math.round(word.confidence() * 1e6) / 1e6,
                    WordSource.valueOf(word.source()),
                    word.emphasis(),
                    Pin.valueOf(word.pin()),
                    word.look(),
                    word.speaker()));
        }
        if (open != null) {
            cues.add(cue(open, words));
        }
        return new Track(
                row.language(),
                row.recipe(),
                row.style(),
                row.styling(),
                row.frame(),
                cues,
                row.nextId(),
                row.beside(),
                row.lengthMs() == null ? Track.NO_END : row.lengthMs());
    }

    /** From before words had a most: a clip that holds a longer one can be opened all the same. */
    private static String shortEnough(String text) {
        if (text.length() <= Word.MOST_CHARACTERS) {
            return text;
        }
        boolean splits = Character.isHighSurrogate(text.charAt(Word.MOST_CHARACTERS - 1));
        return text.substring(0, Word.MOST_CHARACTERS - (splits ? 1 : 0));
    }

    private static Cue cue(WordRow row, List<Word> words) {
        List<Integer> lineStarts = row.lineStarts().isEmpty()
                ? List.of()
                : Arrays.stream(row.lineStarts().split(" "))
                        .map(Integer::valueOf)
                        .toList();
        boolean given = row.showMs() != null || row.hideMs() != null || row.settings() != null;
        return new Cue(
                row.cueId(),
                words,
                lineStarts,
                row.locked(),
                given ? new CueOverrides(row.showMs(), row.hideMs(), row.settings()) : null,
                row.cueLook());
    }

    static TrackRow row(String trackId, long version, Track track) {
        return new TrackRow(
                trackId,
                version,
                track.language(),
                track.style(),
                track.styling(),
                track.recipe(),
                track.frame(),
                track.nextId(),
                track.beside(),
                track.lengthMs(),
                null,
                RenderedContent.hash(track));
    }
}
