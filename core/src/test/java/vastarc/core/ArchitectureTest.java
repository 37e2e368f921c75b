package vastarc.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.util.List;

/** The order of the rooms, and what the core keeps out. */
@AnalyzeClasses(packages = "vastarc.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final List<String> ROOMS = List.of(
            "progress",
            "tables",
            "quantity",
            "text",
            "validation",
            "notation",
            "material",
            "joint",
            "heat",
            "consumable",
            "purge",
            "sheet",
            "cycle",
            "plan",
            "simulation",
            "machine",
            "sequence",
            "weldlog",
            "diagnosis",
            "reference",
            "training");

    @ArchTest
    static final ArchRule A_LATER_ROOM_MAY_USE_AN_EARLIER_ONE_NEVER_THE_REVERSE = rooms();

    @ArchTest
    static final ArchRule NO_CYCLES = SlicesRuleDefinition.slices()
            .matching("vastarc.core.(*)..")
            .should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_INTERFACE_NO_PERSISTENCE_NO_CLOCK_NO_CHANCE = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "jakarta..", "java.sql..", "java.awt..", "java.time..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random");

    private static LayeredArchitecture rooms() {
        LayeredArchitecture rooms = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String room : ROOMS) {
            rooms = rooms.layer(room).definedBy("vastarc.core." + room + "..");
        }
        for (int i = 0; i < ROOMS.size(); i++) {
            List<String> later = ROOMS.subList(i + 1, ROOMS.size());
            rooms = later.isEmpty()
                    ? rooms.whereLayer(ROOMS.get(i)).mayNotBeAccessedByAnyLayer()
                    : rooms.whereLayer(ROOMS.get(i)).mayOnlyBeAccessedByLayers(later.toArray(String[]::new));
        }
        return rooms;
    }
}
