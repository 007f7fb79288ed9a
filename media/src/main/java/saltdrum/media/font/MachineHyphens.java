package saltdrum.media.font;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import saltdrum.core.text.HyphenPatterns;
import saltdrum.core.text.Hyphens;

/** The hyphenation patterns of the machine (Debian's {@code hyphen-*} packages), read when a language first asks. */
public final class MachineHyphens implements Hyphens {
    private final Path folder;
    private final ConcurrentHashMap<String, Optional<HyphenPatterns>> known = new ConcurrentHashMap<>();

    public MachineHyphens() {
        this(Path.of("/usr/share/hyphen"));
    }

    MachineHyphens(Path folder) {
        this.folder = folder;
    }

    @Override
    public List<Integer> points(String word, String language) {
        return known.computeIfAbsent(language, this::read)
                .map(patterns -> patterns.points(word))
                .orElse(List.of());
    }

    /** Of the very language and country, else of the language, else of the country that has its name (es_ES). */
    private Optional<HyphenPatterns> read(String language) {
        Locale locale = Locale.forLanguageTag(language);
        String tongue = locale.getLanguage();
        return Stream.of(tongue + "_" + locale.getCountry(), tongue, tongue + "_" + tongue.toUpperCase(Locale.ROOT))
                .filter(name -> name.matches("[a-z]{2,3}(_[A-Z]{2})?"))
                .map(name -> folder.resolve("hyph_" + name + ".dic"))
                .filter(Files::isRegularFile)
                .findFirst()
                .flatMap(MachineHyphens::read);
    }

    private static Optional<HyphenPatterns> read(Path file) {
        try {
            byte[] bytes = Files.readAllBytes(file);
            String head =
                    new String(bytes, 0, Math.min(40, bytes.length), java.nio.charset.StandardCharsets.ISO_8859_1);
            String charset = head.lines().findFirst().orElse("UTF-8").strip().replace("ISO8859", "ISO-8859");
            return Optional.of(new HyphenPatterns(new String(bytes, Charset.forName(charset))));
        } catch (IOException | IllegalArgumentException e) {
            // What cannot be read divides no word; it is set smaller instead.
            return Optional.empty();
        }
    }
}
