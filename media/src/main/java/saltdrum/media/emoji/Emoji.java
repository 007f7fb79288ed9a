package saltdrum.media.emoji;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;
import saltdrum.core.BadInputException;
import saltdrum.core.scene.PictureLayer;

/** The emoji drawings that ship (Twemoji 15.0.0, CC-BY 4.0), by what is written. Safe for many threads. */
public final class Emoji {
    private static final String FILE = "/saltdrum/media/emoji/twemoji-15.0.0.tsv.gz";
    private static final int VARIATION = 0xFE0F;
    private static final int JOINER = 0x200D;

    private final Map<String, String> drawings = new HashMap<>();
    private final Map<String, List<PictureLayer>> layers = new ConcurrentHashMap<>();

    private Emoji() {
        try (InputStream in = Emoji.class.getResourceAsStream(FILE);
                BufferedReader lines =
                        new BufferedReader(new InputStreamReader(new GZIPInputStream(in), StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                int tab = line.indexOf('\t');
                drawings.put(line.substring(0, tab), line.substring(tab + 1));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static final class Holder {
        static final Emoji EMOJI = new Emoji();
    }

    public static Emoji shipped() {
        return Holder.EMOJI;
    }

    /** Names of all drawings. */
    public Iterable<String> names() {
        return drawings.keySet();
    }

    /** The name of the drawing for one grapheme cluster, such as a family, a flag or a hand with a skin tone. */
    public Optional<String> named(String cluster) {
        boolean joined = cluster.codePoints().anyMatch(c -> c == JOINER);
        String bare = name(cluster, false);
        String full = name(cluster, true);
        // Files leave out the variation sign, but in sequences with joiners.
        for (String name : joined ? List.of(full, bare) : List.of(bare, full)) {
            if (drawings.containsKey(name) && drawable(name)) {
                return Optional.of(name);
            }
        }
        return Optional.empty();
    }

    private static String name(String cluster, boolean withVariation) {
        return cluster.codePoints()
                .filter(c -> withVariation || c != VARIATION)
                .mapToObj(Integer::toHexString)
                .collect(Collectors.joining("-"));
    }

    private boolean drawable(String name) {
        return !layers(name).isEmpty();
    }

    /** Empty for one that cannot be drawn exactly. */
    public List<PictureLayer> layers(String name) {
        return layers.computeIfAbsent(name, key -> {
            try {
                return SvgLayers.of(drawings.get(key));
            } catch (BadInputException e) {
                return List.of();
            }
        });
    }
}
