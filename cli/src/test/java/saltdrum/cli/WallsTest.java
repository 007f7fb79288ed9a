package saltdrum.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The command line does every main job without HTTP and SQL. */
class WallsTest {
    @Test
    void theCommandLineNeedsNoServerAndNoDatabase() {
        noClasses()
                .that()
                .resideInAPackage("saltdrum.cli..")
                // But for what benchmarks ask a running server by.
                .and()
                .doNotHaveSimpleName("ServerCalls")
                .and()
                .resideOutsideOfPackage("saltdrum.cli.bench.siege..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("saltdrum.server..", "org.springframework..", "java.sql..", "java.net.http..")
                .check(new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("saltdrum.cli"));
    }
}
