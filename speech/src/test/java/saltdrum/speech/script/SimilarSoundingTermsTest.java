package saltdrum.speech.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.speech.recognise.Term;

class SimilarSoundingTermsTest {
    private static final SimilarSoundingTerms TERMS = new SimilarSoundingTerms(Stream.concat(
                    Stream.of("rowlocks", "transom", "quay", "clove hitch").map(t -> new Term(t, null)),
                    Stream.of(new Term("Skarholm", "scar home"), new Term("Mirela", "me rella")))
            .toList());

    @Test
    void aTermThatSoundsLikeItIsFound() {
        assertThat(TERMS.like("key")).first().isEqualTo("quay");
        assertThat(TERMS.like("scar home")).first().isEqualTo("Skarholm");
        assertThat(TERMS.like("Morella")).contains("Mirela");
        assertThat(TERMS.like("glove hitch")).first().isEqualTo("clove hitch");
    }

    @Test
    void whatIsFarFromAllOfThemHasNone() {
        assertThat(TERMS.like("yesterday")).isEmpty();
        assertThat(TERMS.like("…")).isEmpty();
        assertThat(TERMS.like("quay")).as("the term itself").isEmpty();
    }

    @Test
    void distanceIsTheShareOfPhonesThatDiffer() {
        List<List<String>> bat = List.of(List.of("B", "AE", "T"));
        assertThat(PhoneticDistance.distance(bat, bat)).isZero();
        assertThat(PhoneticDistance.distance(bat, List.of(List.of("P", "AE", "T"))))
                .isEqualTo(0.5 / 3);
        assertThat(PhoneticDistance.distance(bat, List.of(List.of("S", "IY")))).isEqualTo(1);
    }
}
