package vastarc.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The layers of the core: each uses those that its package page names, and no others. */
@AnalyzeClasses(packages = "vastarc.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final Path SOURCES = Path.of("src/main/java/vastarc/core");
    private static final Pattern USES = Pattern.compile("Uses: ([a-z, ]+)\\.");

    @ArchTest
    static final ArchRule NO_CYCLES_OF_LAYERS = SlicesRuleDefinition.slices()
            .matching("vastarc.core.(*)..")
            .should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_CYCLES_OF_PACKAGES =
            SlicesRuleDefinition.slices().matching("vastarc.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_INTERFACE_NO_PERSISTENCE_NO_CLOCK_NO_CHANCE = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "jakarta..", "java.sql..", "java.awt..", "java.time..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random");

    /** Formulas, solver and meters give numbers: they neither make nor read a message. */
    @ArchTest
    static final ArchRule NUMBERS_COME_BEFORE_WORDS = noClasses()
            .that()
            .resideInAnyPackage(
                    "vastarc.core.physics..",
                    "vastarc.core.simulation.mesh..",
                    "vastarc.core.simulation.source..",
                    "vastarc.core.simulation.solver..",
                    "vastarc.core.simulation.observe..",
                    "vastarc.core.simulation.result..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("vastarc.core.base.text..");

    /** So do the numbers of a sheet, but for what refuses a joint (decision 055). */
    @ArchTest
    static final ArchRule A_SHEETS_NUMBERS_COME_BEFORE_ITS_WORDS = noClasses()
            .that()
            .resideInAPackage("vastarc.core.advice.parameters..")
            .and()
            .doNotHaveSimpleName("ScopeRules")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("vastarc.core.base.text..");

    @ArchTest
    static void everyLayerUsesThoseOnItsPackagePage(JavaClasses classes) throws IOException {
        List<String> layers = layers();
        for (String layer : layers) {
            List<String> allowed = uses(layer);
            assertThat(layers).as(layer).containsAll(allowed);
            String[] others = layers.stream()
                    .filter(other -> !other.equals(layer) && !allowed.contains(other))
                    .map(other -> "vastarc.core." + other + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("vastarc.core." + layer + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(others)
                    .as(layer + " uses " + allowed)
                    .check(classes);
        }
    }

    private static List<String> layers() throws IOException {
        try (Stream<Path> folders = Files.list(SOURCES)) {
            return folders.filter(Files::isDirectory)
                    .map(folder -> folder.getFileName().toString())
                    .sorted()
                    .toList();
        }
    }

    /** The layers that a package page names. */
    private static List<String> uses(String layer) throws IOException {
        String page = Files.readString(SOURCES.resolve(layer).resolve("package-info.java"));
        Matcher named = USES.matcher(page);
        assertThat(named.find())
                .as("the package page of " + layer + " says what it uses")
                .isTrue();
        return named.group(1).equals("nothing")
                ? List.of()
                : List.of(named.group(1).split(", "));
    }
}
