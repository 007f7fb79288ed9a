package saltdrum.core.emoji;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.OverlayEdit.PutEmoji;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;

/** What emoji are called is Unicode CLDR's; that the nearest comes first is held against plain words. */
class EmojiMatchesTest {
    private static List<String> names(String word, String language) {
        return EmojiMatches.of(language).of(word, 6).stream()
                .map(match -> match.emoji().name())
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "en,bell,bell",
        "en,Coats,coat",
        "en,boat,sailboat",
        "en,ferry,ferry",
        "en,paint,paintbrush",
        "en,wood,wood",
        "en-GB,ears,ear",
        "de,Glocke,Glocke",
        "de,Sonne,Sonne",
        "fr,cloche,cloche",
        "es,fuego,fuego",
        "it,campana,campana",
        "ja,鐘,ベル",
    })
    void theNearestComesFirst(String language, String word, String name) {
        assertThat(names(word, language)).as(word).contains(name);
        assertThat(names(word, language).get(0)).isEqualTo(name);
    }

    @Test
    void aKeywordOfManyAndAWordOfSignsSayNothing() {
        assertThat(names("back", "en")).as("“BACK arrow” is a sign").doesNotContain("BACK arrow");
        assertThat(names("forgives", "en")).doesNotContain("person bowing");
        assertThat(names("thin", "en")).isEmpty();
        assertThat(names("bell", "xx")).isEmpty();
        // Unknown names are not cached, so that made-up names cannot fill the memory.
        assertThat(EmojiMatches.of("xx")).isSameAs(EmojiMatches.of("qqqqqqqq"));
        assertThat(EmojiNames.of("xx")).isSameAs(EmojiNames.of("qqqqqqqq"));
    }

    @Test
    void aNameThatOnlyBeginsAlikeAndADirectionAreNotNear() {
        assertThat(EmojiMatches.of("en").of("sea", 6)).allMatch(match -> match.points() < 45);
        assertThat(EmojiMatches.of("en").of("left", 6)).allMatch(match -> match.points() < 45);
    }

    @Test
    void neighboursHaveOneEmojiBetweenThem() {
        Track track = Words.track(Recipe.ONE_WORD, "bell ferry crab");
        assertThat(track.cues()).hasSize(3);
        assertThat(EmojiSuggestions.of(track))
                .extracting(EmojiSuggestions.Suggested::text)
                .containsExactly("bell", "crab");
        long first = track.cues().get(0).words().get(0).id();
        Track put = new PutEmoji(List.of(new PutEmoji.Put(first, "🔔"))).on(track);
        assertThat(EmojiSuggestions.of(put))
                .extracting(EmojiSuggestions.Suggested::text)
                .containsExactly("crab");
    }

    @Test
    void anEmojiIsFoundByTheBeginningOfWhatItIsCalled() {
        assertThat(EmojiNames.of("en").search("red pa", 5))
                .extracting(NamedEmoji::name)
                .contains("red paper lantern");
        assertThat(EmojiNames.of("en").search("bell", 5))
                .extracting(NamedEmoji::emoji)
                .first()
                .isEqualTo("🔔");
        assertThat(EmojiNames.of("en").search("zzzzz", 5)).isEmpty();
    }

    @Test
    void atMostOneWordOfACueIsSuggestedAndNoneWhereOneStandsOrIsRefused() {
        Track track = Words.track(Recipe.PHRASE, "and the bell. three coats of paint.");
        List<EmojiSuggestions.Suggested> suggested = EmojiSuggestions.of(track);
        assertThat(suggested).extracting(EmojiSuggestions.Suggested::text).contains("bell.");
        assertThat(suggested)
                .as("one of a cue")
                .extracting(one -> track.cues().indexOf(track.cueOfWord(one.wordId())))
                .doesNotHaveDuplicates();
        long coats = suggested.get(suggested.size() - 1).wordId();
        LookPatch none = LookPatch.of(Facets.EMOJI, "");
        Track refused = ChangeLook.ofWords(List.of(coats), none).on(track);
        assertThat(EmojiSuggestions.of(refused)).hasSize(suggested.size() - 1);
    }
}
