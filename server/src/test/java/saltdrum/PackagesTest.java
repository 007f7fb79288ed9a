package saltdrum;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Sizes of packages, and the drawing of them in the documents. */
class PackagesTest {
    private static final Path ROOT = Path.of("..");
    private static final List<String> MODULES = List.of("core", "speech", "media", "cli", "server");
    private static final int MOST_FILES = 25;
    private static final Path DRAWING = ROOT.resolve("docs/architecture.svg");

    @Test
    void packagesAreSmall() throws IOException {
        Map<String, Long> files = new TreeMap<>();
        for (String module : MODULES) {
            files.putAll(files(module));
        }
        assertThat(files).hasSizeGreaterThan(80);
        files.values().removeIf(count -> count <= MOST_FILES);
        assertThat(files).isEmpty();
    }

    /** Written again by {@code -Ddrawing.write=true}. */
    @Test
    void theDrawingShowsTheCode() throws IOException {
        ModuleDrawing drawing = new ModuleDrawing();
        for (String module : MODULES) {
            drawing.module(module, files(module), uses(module));
        }
        String svg = drawing.svg();
        if (Boolean.getBoolean("drawing.write")) {
            Files.writeString(DRAWING, svg);
        }
        assertThat(Files.readString(DRAWING)).isEqualTo(svg);
    }

    /** Java files of each package, package-info.java not counted. */
    private static Map<String, Long> files(String module) throws IOException {
        Path java = ROOT.resolve(module).resolve("src/main/java");
        try (Stream<Path> all = Files.walk(java)) {
            return all.filter(file -> file.toString().endsWith(".java") && !file.endsWith("package-info.java"))
                    .collect(Collectors.groupingBy(
                            file -> java.relativize(file.getParent()).toString().replace('/', '.'),
                            TreeMap::new,
                            Collectors.counting()));
        }
    }

    /** The other modules that its pom.xml names, in the order of {@link #MODULES}. */
    private static List<String> uses(String module) throws IOException {
        String pom = Files.readString(ROOT.resolve(module).resolve("pom.xml"));
        String dependencies = pom.substring(pom.indexOf("<dependencies>"));
        return MODULES.stream()
                .filter(other -> !other.equals(module))
                .filter(other -> dependencies.contains("<artifactId>" + other + "</artifactId>"))
                .toList();
    }
}
