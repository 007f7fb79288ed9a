package saltdrum.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaCodeUnit;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.DeleteMapping;

/** The module dependencies of docs/architecture: each module uses only those below it. */
class WallsTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("saltdrum");

    @Test
    void dependenciesPointOneWay() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("core")
                .definedBy("saltdrum.core..")
                .layer("speech")
                .definedBy("saltdrum.speech..")
                .layer("media")
                .definedBy("saltdrum.media..")
                .layer("server")
                .definedBy("saltdrum.server..")
                .whereLayer("server")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("media")
                .mayOnlyBeAccessedByLayers("server")
                .whereLayer("speech")
                .mayOnlyBeAccessedByLayers("server")
                .check(CLASSES);
    }

    @Test
    void publicTypesOfDifferentModulesHaveDifferentNames() {
        Map<String, Set<String>> modules = new TreeMap<>();
        for (JavaClass type : CLASSES) {
            if (type.isTopLevelClass() && type.getModifiers().contains(JavaModifier.PUBLIC)) {
                modules.computeIfAbsent(type.getSimpleName(), name -> new TreeSet<>())
                        .add(type.getPackageName().split("\\.")[1]);
            }
        }
        assertThat(modules).containsKeys("Cue", "Burn", "Aligner", "Workers");
        modules.values().removeIf(of -> of.size() == 1);
        assertThat(modules).isEmpty();
    }

    /** But for records: their components are the columns of a row, the fields of a message or the parts of a value. */
    @Test
    void noParameterListIsLongerThanEight() {
        assertThat(CLASSES.stream()
                        .flatMap(type -> type.getCodeUnits().stream())
                        .filter(one -> !one.getName().startsWith("lambda$"))
                        .filter(one -> !(one.isConstructor() && one.getOwner().isRecord()))
                        .filter(one -> one.getRawParameterTypes().size() > 8)
                        .map(JavaCodeUnit::getFullName))
                .isEmpty();
    }

    @Test
    void noPackagesGoInCircles() {
        slices().matching("saltdrum.(**)").should().beFreeOfCycles().check(CLASSES);
    }

    @Test
    void coreIsPlain() {
        noClasses()
                .that()
                .resideInAPackage("saltdrum.core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "java.sql..",
                        "java.net..",
                        "java.nio.file..",
                        "java.awt..",
                        "io.github.humbleui..",
                        "edu.cmu..")
                .check(CLASSES);
    }

    @Test
    void sqlStandsInTheStoreOnly() {
        noClasses()
                .that()
                .resideOutsideOfPackages("saltdrum.server.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.apache.ibatis..", "org.mybatis..", "java.sql..", "org.postgresql..")
                .check(CLASSES);
    }

    @Test
    void mediaAndSpeechKnowNoHttpAndNoSql() {
        noClasses()
                .that()
                .resideInAnyPackage("saltdrum.media..", "saltdrum.speech..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "java.sql..", "jakarta..")
                .check(CLASSES);
    }

    /** The same digits and letters on every machine. */
    @Test
    void nothingWrittenDependsOnTheMachinesLanguage() {
        noClasses()
                .should()
                .callMethod(String.class, "format", String.class, Object[].class)
                .orShould()
                .callMethod(String.class, "formatted", Object[].class)
                .orShould()
                .callMethod(String.class, "toLowerCase")
                .orShould()
                .callMethod(String.class, "toUpperCase")
                .check(CLASSES);
    }

    /** Deletions are in the record: what is none of them says so here. */
    @Test
    void whatIsDeletedIsInTheRecord() {
        methods()
                .that()
                .areAnnotatedWith(DeleteMapping.class)
                // A page that is closed, and a note that was read.
                .and()
                .areNotDeclaredIn("saltdrum.server.api.people.PresenceController")
                .and()
                .areNotDeclaredIn("saltdrum.server.api.clip.FootageController")
                .should()
                .beAnnotatedWith("saltdrum.server.api.Audited")
                .check(CLASSES);
    }
}
