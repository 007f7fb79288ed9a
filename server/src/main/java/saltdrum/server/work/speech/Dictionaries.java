package saltdrum.server.work.speech;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Track;
import saltdrum.core.spelling.Spelling;
import saltdrum.core.word.Word;

/** Spelling dictionaries: the English one ships; those of other languages are used where Debian's packages put them. */
@Component
public class Dictionaries {
    private static final Logger LOG = LoggerFactory.getLogger(Dictionaries.class);
    private static final Path INSTALLED = Path.of("/usr/share/hunspell");

    private final Map<String, Optional<Spelling>> read = new ConcurrentHashMap<>();

    /** The dictionary of a language, or nothing where there is none. */
    public Optional<Spelling> of(String languageTag) {
        return read.computeIfAbsent(Locale.forLanguageTag(languageTag).getLanguage(), Dictionaries::find);
    }

    /**
     * Words of a track that are neither in the dictionary of its language nor in the terms; empty if there is no
     * dictionary.
     */
    public Optional<Set<Long>> misspelt(Track track, Collection<String> terms) {
        Set<String> known = Spelling.words(terms);
        return of(track.language()).map(spelling -> track.words()
                .filter(word -> !spelling.right(word.text(), known))
                .map(Word::id)
                .collect(Collectors.toCollection(LinkedHashSet::new)));
    }

    private static Optional<Spelling> find(String language) {
        if (language.equals("en")) {
            return Optional.of(Spelling.english());
        }
        if (language.isEmpty() || !Files.isDirectory(INSTALLED)) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.list(INSTALLED)) {
            Optional<Path> affixes = files.filter(
                            file -> file.getFileName().toString().matches(language + "(_[A-Za-z_]+)?\\.aff"))
                    .sorted()
                    .findFirst();
            if (affixes.isEmpty()) {
                return Optional.empty();
            }
            Path words = Path.of(affixes.get().toString().replaceAll("\\.aff$", ".dic"));
            return Optional.of(new Spelling(Files.newInputStream(affixes.get()), Files.newInputStream(words)));
        } catch (IOException | BadInputException e) {
            LOG.warn("the spelling dictionary of {} cannot be read", language, e);
            return Optional.empty();
        }
    }
}
