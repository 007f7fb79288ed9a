package saltdrum.speech.align;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import saltdrum.core.Json;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.Onsets;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;
import saltdrum.speech.Sounds;
import saltdrum.speech.acoustic.AcousticModel;

/** Cues that are late or early against synthesised speech whose word times the synthesiser itself tells. */
class LatenessTest {
    private static final Size CLIP = new Size(1080, 1920);
    private static final List<Word> TRUTH = WordsFile.read(Json.resource(Sounds.class, "three-coats.words.json"))
            .toWords();
    private static Onsets onsets;

    @BeforeAll
    static void listen() {
        List<String> tokens = TRUTH.stream().map(Word::text).toList();
        onsets = Onsets.of(new Aligner(new AcousticModel())
                .align(Sounds.spoken(), tokens, done -> {}, () -> false)
                .words());
    }

    /** The synthesiser's own times, shifted. */
    private static Track track(Recipe recipe, int shiftMs) {
        List<Word> words = new ArrayList<>();
        for (Word word : TRUTH) {
            words.add(word.withTime(Math.max(0, word.startMs() + shiftMs), word.endMs() + shiftMs));
        }
        return Track.of("en", recipe, "Mallet", words).withLength(60_000);
    }

    private static long found(Track track, CheckKind kind) {
        Scene nothing = new Scene(1080, 1920, Map.of(), Map.of(), List.of());
        CheckInput subject = new CheckInput.Builder(
                        track,
                        nothing,
                        Frame.OWN.layout(CLIP),
                        new Cascade(new ShippedStyles().get("Mallet"), track.styling()),
                        (tried, id) -> null)
                .onsets(onsets)
                .build();
        return new Checker()
                .findings(subject).stream()
                        .map(Finding::kind)
                        .filter(kind::equals)
                        .count();
    }

    @Test
    void aShiftOf120MsIsFoundAndNoneWhereThereIsNone() {
        for (Recipe recipe : List.of(Recipe.PHRASE, Recipe.TWO_LINES)) {
            Track late = track(recipe, 120);
            assertThat(found(late, CheckKind.LATE))
                    .as(recipe.name() + ", of " + late.cues().size())
                    .isGreaterThanOrEqualTo((long) Math.ceil(0.95 * late.cues().size()));
            Track right = track(recipe, 0);
            assertThat(found(right, CheckKind.LATE)).isZero();
            assertThat(found(right, CheckKind.EARLY)).isZero();
            Track early = track(recipe, -120);
            // The first word begins at the clip's beginning: there is nothing before it.
            long cues =
                    early.cues().stream().filter(cue -> cue.firstWordMs() > 0).count();
            assertThat(found(early, CheckKind.EARLY)).isGreaterThanOrEqualTo((long) Math.floor(0.95 * cues));
        }
    }
}
