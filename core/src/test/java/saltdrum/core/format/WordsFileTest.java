package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;

class WordsFileTest {
    @Test
    void overlappingWordsAreSortedAndMended() {
        Read read = Read.of(
                "{\"language\":\"en\",\"words\":[{\"text\":\"b\",\"start\":1.2,\"end\":2},{\"text\":\"a\",\"start\":1,\"end\":1.5}]}",
                "a.json");
        assertThat(read.said()).isEqualTo("a@1000-1200 b@1200-2000");
        assertThat(read.repaired()).hasSize(2);
    }

    @Test
    void breaksAndEmphasisAreKept() {
        Read read = Read.of(
                "{\"words\":[{\"text\":\"Row\",\"start\":1,\"end\":2,\"emphasis\":2,\"begins\":\"cue\"},"
                        + "{\"text\":\"home\",\"start\":2,\"end\":3,\"begins\":\"line\"},"
                        + "{\"text\":\"now\",\"start\":4,\"end\":5,\"begins\":\"cue\"}]}",
                "a.json");
        assertThat(read.said()).isEqualTo("Row@1000-2000 / home@2000-3000 | now@4000-5000");
        assertThat(read.cues.get(0).words().get(0).emphasis()).isEqualTo(2);
        assertThat(read.cues.get(0).given()).as("the cue follows its words").isNull();
    }

    @Test
    void aBadFileIsNamed() {
        assertThatThrownBy(() -> WordsFile.read("[]")).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> WordsFile.read("{\"words\":[{\"text\":\"a\",\"start\":-1,\"end\":2}]}"))
                .hasMessageContaining("-1");
        assertThatThrownBy(() -> WordsFile.read("{\"words\":[null]}")).hasMessageContaining("without text");
    }
}
