package saltdrum.speech.translate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.SaltDrumException;

/** A script of a few lines replaces the program; where the program itself is installed it is tested too. */
class ApertiumTest {
    @TempDir
    Path folder;

    private Apertium program(String script) throws Exception {
        Path file = folder.resolve("stand-in");
        Files.writeString(file, "#!/bin/sh\nif [ \"$1\" = -l ]; then echo '  eng-spa'; exit; fi\n" + script + "\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
        return new Apertium(file.toString());
    }

    @Test
    void knowsThePairsThatAreInstalled() throws Exception {
        Apertium apertium = program("cat");
        assertThat(apertium.supports("en", "es")).isTrue();
        assertThat(apertium.supports("en-GB", "es-MX")).isTrue();
        assertThat(apertium.supports("es", "en")).isFalse();
        assertThat(apertium.supports("en", "null"))
                .as("well formed, and no language")
                .isFalse();
        assertThat(apertium.supports("", "xxxxxxxx")).isFalse();
        assertThat(new Apertium(folder.resolve("nothing-here").toString()).supports("en", "es"))
                .isFalse();
    }

    @Test
    void textsWithMarkupKeepTheirOrderAndLetters() throws Exception {
        List<String> texts = List.of("a <b> & “c”", "d", "é 漢");
        assertThat(program("cat").translate(texts, "en", "es", () -> false)).isEqualTo(texts);
    }

    @Test
    void aCueThatGoesOnInASentenceKeepsItsSmallLetter() throws Exception {
        assertThat(program("sed 's/<p>or/<p>Or/'").translate(List.of("or you", "Or not"), "en", "es", () -> false))
                .containsExactly("or you", "Or not");
    }

    @Test
    void aLostTextIsAnError() throws Exception {
        Apertium apertium = program("head -n 1");
        assertThatThrownBy(() -> apertium.translate(List.of("a", "b"), "en", "es", () -> false))
                .isInstanceOf(SaltDrumException.class)
                .hasMessageContaining("1 texts for 2");
    }

    @Test
    void aPairThatIsNotThereNamesThePackage() throws Exception {
        Apertium apertium = program("cat");
        assertThatThrownBy(() -> apertium.translate(List.of("a"), "en", "ca", () -> false))
                .hasMessageContaining("apertium-eng-cat");
    }

    @Test
    void theProgramItselfTranslatesCueByCue() {
        Apertium apertium = new Apertium();
        Assumptions.assumeTrue(apertium.supports("en", "es"), "apertium-eng-spa is not installed");
        List<String> spanish =
                apertium.translate(List.of("Three boats", "The old house & the sea"), "en", "es", () -> false);
        assertThat(spanish.get(0)).startsWithIgnoringCase("tres ");
        assertThat(spanish.get(1)).containsIgnoringCase("casa").contains("&");
    }
}
