package saltdrum.speech.neural;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * The folders of speech models: the one built with the application, with the runtime's libraries and the voice
 * activity model, and any number of a team's own. In each, a folder named by a language tag is a model; the last one
 * wins.
 */
public final class ModelShelf {
    /** System property: folders of models separated by commas; the first is the application's own. */
    public static final String PROPERTY = "salt-drum.models";

    private static final Set<String> LANGUAGES = Set.of(Locale.getISOLanguages());

    private final List<Path> folders;
    private List<Long> seen = List.of();
    private Map<String, ModelFolder> found = Map.of();
    private final Map<String, String> troubles = new TreeMap<>();

    /** @param folders the application's own first */
    public ModelShelf(List<Path> folders) {
        this.folders = List.copyOf(folders);
    }

    /** As the system property says; without it there is none. */
    public static ModelShelf usual() {
        return of(System.getProperty(PROPERTY, ""));
    }

    /** @param folders separated by commas */
    public static ModelShelf of(String folders) {
        return new ModelShelf(Stream.of(folders.split(","))
                .map(String::strip)
                .filter(folder -> !folder.isEmpty())
                .map(Path::of)
                .toList());
    }

    Path libraries() {
        return own().resolve("runtime");
    }

    Path activity() {
        return own().resolve("activity/silero.onnx");
    }

    private Path own() {
        return folders.isEmpty() ? Path.of("models") : folders.get(0);
    }

    /** The whole model for a language, or null where there is none or what is there is not whole. */
    synchronized ModelFolder find(String tag) {
        String language = language(tag);
        return troubles.containsKey(language) ? null : all().get(language);
    }

    /** Languages with a model that is whole as far as is known, in order. */
    public synchronized List<String> languages() {
        return all().keySet().stream()
                .filter(language -> !troubles.containsKey(language))
                .toList();
    }

    /** Reads every model through, once; {@link #troubles} reports what is wrong. */
    public void check() {
        Map<String, ModelFolder> all = all();
        List<String> languages = new ArrayList<>(all.keySet());
        if (!languages.contains("en")) {
            trouble("en", "The speech model for English is missing in " + own().resolve("en") + ".");
        }
        if (!Files.isRegularFile(activity())) {
            languages.forEach(
                    language -> trouble(language, "The voice activity model is missing: " + activity() + "."));
        }
        all.forEach((language, folder) -> {
            String trouble = folder.trouble();
            if (trouble != null) {
                trouble(language, trouble);
            }
        });
    }

    synchronized void trouble(String language, String what) {
        troubles.putIfAbsent(
                language,
                what + " Speech in this language cannot be recognised until it is restored; everything else works.");
    }

    /** What is wrong with the model of a language, for a person to read; null where nothing is known to be. */
    public synchronized String trouble(String tag) {
        return troubles.get(language(tag));
    }

    /** By language. */
    public synchronized Map<String, String> troubles() {
        return Map.copyOf(troubles);
    }

    /** All models on the shelf; listed again after a folder was added or removed. */
    private synchronized Map<String, ModelFolder> all() {
        List<Long> now =
                folders.stream().map(folder -> folder.toFile().lastModified()).toList();
        if (!now.equals(seen)) {
            found = Collections.unmodifiableMap(look());
            seen = now;
        }
        return found;
    }

    private Map<String, ModelFolder> look() {
        Map<String, ModelFolder> found = new TreeMap<>();
        for (Path folder : folders) {
            if (!Files.isDirectory(folder)) {
                continue;
            }
            try (Stream<Path> inside = Files.list(folder)) {
                inside.filter(Files::isDirectory)
                        .filter(path -> isLanguage(path.getFileName().toString()))
                        .forEach(path -> {
                            String language = language(path.getFileName().toString());
                            found.put(language, new ModelFolder(language, path));
                        });
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return found;
    }

    private static boolean isLanguage(String name) {
        return LANGUAGES.contains(name);
    }

    private static String language(String tag) {
        return Locale.forLanguageTag(tag).getLanguage();
    }
}
