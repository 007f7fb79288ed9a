package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Facets;
import saltdrum.core.translation.Translation;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.server.store.clip.ClientSettings;

/** A cue as the bench shows it. Times are milliseconds. */
record CueView(
        long id,
        int showMs,
        int hideMs,
        @Schema(description = "Length of the rest before the cue, 0 where there is none") int restMs,
        @Schema(description = "Characters a second") double speed,
        @Schema(description = "More than can be read comfortably in its time") boolean fast,
        @Schema(description = "Its times were set by hand or by a file") boolean given,
        @Schema(description = "A person typed or confirmed some of its words") boolean textByHand,
        @Schema(description = "A break at one of its words was made by hand: re-breaking keeps it")
                boolean brokenByHand,
        @Schema(description = "One of its line breaks was made by hand") boolean linesByHand,
        boolean locked,
        @Schema(description = "Some of its look is its own") boolean bent,
        @Schema(description = "Read from right to left") boolean rightToLeft,
        @Schema(description = "Who says it, 1 for the first of the track's speakers; 0 where none are named")
                int speaker,
        @Schema(description = "Somebody else spoke before") boolean turn,
        List<Integer> lineStarts,
        List<WordView> words) {

    record WordView(
            long id,
            String text,
            int startMs,
            int endMs,
            double confidence,
            @Schema(description = "A space stands before it, where it does not open a line") boolean spaced,
            @Schema(description = "To be listened to again, until it is confirmed or typed") boolean unsure,
            WordSource source,
            int emphasis,
            Pin pin,
            @Schema(description = "Some of its look is its own") boolean bent,
            @Schema(description = "An emoji or a sticker beside it") String emoji) {
        static WordView of(Word word, boolean spaced, double unsureBelow) {
            return new WordView(
                    word.id(),
                    word.text(),
                    word.startMs(),
                    word.endMs(),
                    word.confidence(),
                    spaced,
                    word.unsure(unsureBelow),
                    word.source(),
                    word.emphasis(),
                    word.pin(),
                    !word.look().isEmpty(),
                    emojiOf(word));
        }

        /** An empty one was refused. */
        private static String emojiOf(Word word) {
            String emoji = word.look().get(Facets.EMOJI);
            return emoji == null || emoji.isEmpty() ? null : emoji;
        }
    }

    /**
     * Everything that a view is made of, except the client's settings: cheap to compare, since most cues of two
     * tracks are equal.
     */
    record Seen(Cue cue, CueTime time, int restMs, boolean turn) {
        static List<Seen> of(Track track) {
            List<CueTime> times = CueTime.of(track);
            List<Seen> cues = new ArrayList<>(times.size());
            for (int i = 0; i < times.size(); i++) {
                Cue cue = track.cues().get(i);
                boolean turn =
                        i == 0 || cue.speaker() != track.cues().get(i - 1).speaker();
                cues.add(new Seen(cue, times.get(i), CueTime.restBefore(times, i), turn && cue.speaker() > 0));
            }
            return cues;
        }

        CueView view(ClientSettings settings) {
            double speed = ReadingSpeed.of(cue, time);
            return new CueView(
                    cue.id(),
                    time.showMs(),
                    time.hideMs(),
                    restMs,
                    Math.round(speed * 10) / 10.0,
                    cue.words().size() > 1 && speed > settings.limits().speed(cue.text()),
                    cue.given() != null
                            && (cue.given().showMs() != null || cue.given().hideMs() != null),
                    Translation.byHand(cue),
                    cue.brokenByHand(),
                    cue.linesByHand(),
                    cue.locked(),
                    !cue.look().isEmpty(),
                    Scripts.rightToLeft(cue.text()),
                    cue.speaker(),
                    turn,
                    cue.lineStarts(),
                    words(cue.words(), settings.unsureBelow()));
        }
    }

    static List<CueView> of(Track track, ClientSettings settings) {
        return of(Seen.of(track), settings);
    }

    static List<CueView> of(List<Seen> cues, ClientSettings settings) {
        return cues.stream().map(seen -> seen.view(settings)).toList();
    }

    private static List<WordView> words(List<Word> words, double unsureBelow) {
        List<WordView> views = new ArrayList<>(words.size());
        for (int w = 0; w < words.size(); w++) {
            boolean spaced = w > 0
                    && Scripts.spaced(words.get(w - 1).text(), words.get(w).text());
            views.add(WordView.of(words.get(w), spaced, unsureBelow));
        }
        return views;
    }
}
