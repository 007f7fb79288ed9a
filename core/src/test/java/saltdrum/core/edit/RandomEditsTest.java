package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.RefusedEditException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

/** Long random sequences of edits: whatever is done, time stays in order and unchanged words keep their start. */
class RandomEditsTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void timeBelongsToTheWord(long seed) {
        Random random = new Random(seed);
        Track track = Words.track(
                Recipe.PHRASE,
                "Sand it first or you will be back by Friday. Three coats thin as tea. Let each one dry until the bell.");
        int done = 0;
        for (int i = 0; i < 150 && !track.cues().isEmpty(); i++) {
            Track before = track;
            try {
                track = Edits.apply(track, randomEdit(random, track));
                done++;
            } catch (RefusedEditException refused) {
                continue;
            }
            Map<Long, Word> old = new HashMap<>();
            before.words().forEach(word -> old.put(word.id(), word));
            track.words().forEach(word -> {
                Word was = old.get(word.id());
                if (was != null && was.text().equals(word.text())) {
                    assertThat(word.startMs()).as(word.text()).isEqualTo(was.startMs());
                }
            });
            assertThat(track.words().map(Word::id)).doesNotHaveDuplicates();
            List<CueTime> times = CueTime.of(track);
            for (int t = 0; t < times.size(); t++) {
                assertThat(times.get(t).showMs()).isLessThan(times.get(t).hideMs());
                assertThat(t == 0 ? 0 : times.get(t - 1).hideMs())
                        .isLessThanOrEqualTo(times.get(t).showMs());
            }
        }
        assertThat(done).isGreaterThan(60);
    }

    private static Edit randomEdit(Random random, Track track) {
        Cue cue = track.cues().get(random.nextInt(track.cues().size()));
        Word word = cue.words().get(random.nextInt(cue.words().size()));
        return switch (random.nextInt(7)) {
            case 0 -> new Edit.SplitCue(word.id());
            case 1 -> new Edit.JoinCues(cue.id());
            case 2 -> new Edit.MoveWord(word.id(), random.nextBoolean());
            case 3 -> new Edit.Rebreak(Recipe.BUILT_IN.get(random.nextInt(3)), random.nextInt(4) == 0);
            case 4 -> new Edit.SetEmphasis(List.of(word.id()), random.nextInt(5));
            case 5 -> new Edit.Lock(List.of(cue.id()), random.nextInt(4) == 0);
            default -> new Edit.RetypeCue(cue.id(), mutated(random, cue));
        };
    }

    /** Drops, changes or adds a word, never before the first: that one may have to give up its start. */
    private static String mutated(Random random, Cue cue) {
        List<String> texts =
                new ArrayList<>(cue.words().stream().map(Word::text).toList());
        int at = random.nextInt(texts.size());
        switch (random.nextInt(3)) {
            case 0 -> texts.set(at, "lantern" + random.nextInt(100));
            case 1 -> texts.add(at + 1, "tide" + random.nextInt(100));
            default -> {
                if (texts.size() > 1) {
                    texts.remove(at);
                }
            }
        }
        return String.join(" ", texts);
    }
}
