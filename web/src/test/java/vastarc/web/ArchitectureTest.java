package vastarc.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** Pages show, the core computes: what the packages of the interface may know of each other. */
@AnalyzeClasses(packages = "vastarc.web", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule NO_CYCLES_BETWEEN_PLACES =
            SlicesRuleDefinition.slices().matching("vastarc.web.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule PAGES_DO_NOT_REACH_INTO_THE_HEAT_MODEL = noClasses()
            .that()
            .resideInAnyPackage(
                    "vastarc.web.sheet..",
                    "vastarc.web.score..",
                    "vastarc.web.panel..",
                    "vastarc.web.machine..",
                    "vastarc.web.bench..",
                    "vastarc.web.api..",
                    "vastarc.web.request..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("vastarc.core.heat..");

    @ArchTest
    static final ArchRule DRAWINGS_KNOW_NOTHING_OF_THE_WEB = noClasses()
            .that()
            .resideInAPackage("vastarc.web.drawing..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "vastarc.web.job..", "vastarc.web.sheet..");

    @ArchTest
    static final ArchRule ONLY_STORES_TOUCH_THE_DATABASE = noClasses()
            .that()
            .resideOutsideOfPackages("vastarc.web.job..", "vastarc.web.machine..", "vastarc.web.shop..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..");
}
