package saltdrum.core.shorter;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.Words;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Shorten;
import saltdrum.core.word.Word;

class OmissionFinderTest {
    private static Track said(String text) {
        return Words.track(Recipe.parse("two lines,lineCharacters=60"), text).withLength(60_000);
    }

    private static Track without(Track track, boolean sureOnly) {
        List<Long> gone = OmissionFinder.of(track).stream()
                .filter(cut -> cut.sure() || !sureOnly)
                .flatMap(cut -> cut.wordIds().stream())
                .toList();
        return gone.isEmpty() ? track : new Shorten(gone).on(track);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "We sand, um, the plank. | We sand the plank.",
                "We, um, sand sand the plank. | We sand the plank.",
                "Um, we sand the plank. | We sand the plank.",
                "We sand the the plank. | We sand the plank.",
                "We sand the wat- we sand the hull. | We sand the hull.",
                "It is, it is a boat. | it is a boat.",
                "We row home, uh. | We row home.",
                "Okay so we sand it. | We sand it.",
                "It is, you know, thin. | It is thin.",
                "Row, row your boat. | Row, row your boat.",
                "No. No, it sank. | No. No, it sank.",
                "I like the boat. | I like the boat.",
            })
    void whatAReaderDoesNotMiss(String text, String shorter) {
        String after = without(said(text), true).words().map(Word::text).collect(Collectors.joining(" "));
        assertThat(after).isEqualToIgnoringCase(shorter);
    }

    @Test
    void onlyAPersonCanTellOfWordsThatMeanSomethingElsewhere() {
        assertThat(OmissionFinder.of(said("It was like that actually here.")))
                .extracting(Omission::text, Omission::sure)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("like", false),
                        org.assertj.core.groups.Tuple.tuple("actually", false));
    }

    @Test
    void timesOfTheRestStayAndThereIsLessToReadASecond() {
        Track track = said("Um, we we sand, uh, the plank until it it shines.");
        Track shorter = without(track, true);
        Map<Long, Word> before = track.words().collect(Collectors.toMap(Word::id, word -> word));
        assertThat(shorter.words()).allSatisfy(word -> assertThat(word.startMs())
                .isEqualTo(before.get(word.id()).startMs()));
        assertThat(speed(shorter)).isLessThan(speed(track) - 0.5);
    }

    /** Characters of the whole track over the time that its cues are shown. */
    private static double speed(Track track) {
        int shown = CueTime.of(track).stream()
                .mapToInt(time -> time.hideMs() - time.showMs())
                .sum();
        return 1000.0
                * track.cues().stream()
                        .mapToInt(cue -> ReadingSpeed.characters(cue.text()))
                        .sum()
                / shown;
    }

    @Test
    void otherLanguagesHaveTheirOwn() {
        Track german = Track.of("de", Recipe.PHRASE, "Mallet", Words.words("Das", "ist,", "ähm,", "gut."));
        assertThat(Words.texts(without(german.withLength(9000), true))).containsExactly("Das ist gut.");
    }
}
