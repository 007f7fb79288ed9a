package saltdrum.speech.lettersound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class DictionaryTest {
    @Test
    void everyWordOfTheShippedFileIsFoundWithAllItsWays() {
        Map<String, Set<List<String>>> all = new LinkedHashMap<>();
        Dictionary.read((word, phones) ->
                all.computeIfAbsent(word, w -> new LinkedHashSet<>()).add(List.of(phones.split(" "))));
        List<String> others = all.entrySet().stream()
                .filter(entry -> !Dictionary.pronunciations(entry.getKey()).equals(List.copyOf(entry.getValue())))
                .map(Map.Entry::getKey)
                .toList();

        assertThat(all).hasSizeGreaterThan(100_000);
        assertThat(others).isEmpty();
    }

    @Test
    void whatIsNoWordHasNoWay() {
        assertThat(Dictionary.pronunciations("")).isEmpty();
        assertThat(Dictionary.pronunciations("tillerbee")).isEmpty();
        assertThat(Dictionary.pronunciations("Salt")).isEmpty();
    }
}
