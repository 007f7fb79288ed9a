package saltdrum.core.edit;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;

/**
 * Emoji at several words, each word its own, in one step.
 *
 * @param words each word once
 */
public record PutEmoji(List<Put> words) implements Edit {
    /** @param emoji one emoji; empty for none, which overrides the style */
    public record Put(long wordId, String emoji) {
        public Put {
            if (emoji == null) {
                throw new BadInputException("An emoji is put at a word; an empty one takes it away.");
            }
        }

        private LookPatch look() {
            return LookPatch.of(
                    Facets.EMOJI, Facets.EMOJI.kind().read(Facets.EMOJI.kind().write(emoji), "emoji"));
        }
    }

    public PutEmoji {
        words = words == null ? List.of() : List.copyOf(words);
        if (words.isEmpty()) {
            throw new BadInputException("Emoji are put at one word at least.");
        }
    }

    @Override
    public Track on(Track track) {
        Map<Long, LookPatch> looks = words.stream().collect(Collectors.toMap(Put::wordId, Put::look, (a, b) -> b));
        return Edits.eachWord(
                track,
                List.copyOf(looks.keySet()),
                word -> word.withLook(looks.get(word.id()).over(word.look())));
    }

    @Override
    public String said(Track before) {
        return words.size() == 1
                ? "Emoji at “" + EditDescriptions.word(before, words.get(0).wordId()) + "”"
                : "Emoji at " + EditDescriptions.count(words.size(), "word");
    }
}
