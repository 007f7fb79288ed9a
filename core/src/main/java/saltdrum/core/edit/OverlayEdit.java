package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;

/** Edits of what is shown beside the words: emoji and headlines. */
public sealed interface OverlayEdit extends Edit {
    /**
     * Emoji at several words, each word its own, in one step.
     *
     * @param words each word once
     */
    record PutEmoji(List<Put> words) implements OverlayEdit {
        /** @param emoji one emoji; empty for none, which overrides the style */
        public record Put(long wordId, String emoji) {
            public Put {
                if (emoji == null) {
                    throw new BadInputException("An emoji belongs to a word; an empty one removes it.");
                }
            }

            private LookPatch look() {
                return LookPatch.of(
                        Facets.EMOJI,
                        Facets.EMOJI.kind().read(Facets.EMOJI.kind().write(emoji), "emoji"));
            }
        }

        public PutEmoji {
            words = words == null ? List.of() : List.copyOf(words);
            if (words.isEmpty()) {
                throw new BadInputException("Choose at least one word for the emoji.");
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

    /**
     * Adds a headline, or changes one: missing parts keep their values.
     *
     * @param id of the one that is changed; null for a new one, which needs at least a text
     * @param toMs end time; 0 for the end of the clip
     */
    record PutHeadline(
            @MayBeMissing Long id,
            @MayBeMissing String text,
            @MayBeMissing Integer fromMs,
            @MayBeMissing Integer toMs,
            @MayBeMissing Headline.Place place)
            implements OverlayEdit {
        static final int MOST = 20;

        @Override
        public Track on(Track track) {
            List<Headline> headlines = new ArrayList<>(track.beside().headlines());
            if (id == null) {
                if (headlines.size() >= MOST) {
                    throw new BadInputException("A clip has at most " + MOST + " headlines.");
                }
                headlines.add(changed(new Headline(
                        track.nextId(), text == null ? "" : text, 0, null, Headline.Place.ABOVE, LookPatch.NONE)));
                return track.withCues(track.cues(), track.nextId() + 1)
                        .withBeside(track.beside().withHeadlines(headlines));
            }
            int index = DropHeadline.index(track, id);
            headlines.set(index, changed(headlines.get(index)));
            return track.withBeside(track.beside().withHeadlines(headlines));
        }

        private Headline changed(Headline old) {
            Integer until = toMs == null ? old.toMs() : toMs == 0 ? null : toMs;
            return new Headline(
                    old.id(),
                    text == null ? old.text() : text,
                    fromMs == null ? old.fromMs() : fromMs,
                    until,
                    place == null ? old.place() : place,
                    old.look());
        }

        @Override
        public String said(Track before) {
            return id == null
                    ? "Headline “" + EditDescriptions.shortened(text == null ? "" : text) + "”"
                    : "Change the headline “" + DropHeadline.said(before, id) + "”";
        }
    }

    record DropHeadline(long id) implements OverlayEdit {
        @Override
        public Track on(Track track) {
            List<Headline> headlines = new ArrayList<>(track.beside().headlines());
            headlines.remove(index(track, id));
            return track.withBeside(track.beside().withHeadlines(headlines));
        }

        static int index(Track track, long id) {
            return track.beside().headlines().indexOf(track.beside().headline(id));
        }

        /** Its text, shortened. */
        static String said(Track track, long id) {
            return EditDescriptions.shortened(track.beside().headline(id).text());
        }

        @Override
        public String said(Track before) {
            return "Delete the headline “" + said(before, id) + "”";
        }
    }
}
