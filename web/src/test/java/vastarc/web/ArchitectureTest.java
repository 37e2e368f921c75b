package vastarc.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.CompositeArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import jakarta.persistence.Entity;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RestController;

/** Pages show, the core computes: what the packages of the interface may know of each other. */
@AnalyzeClasses(
        packages = "vastarc.web",
        importOptions = {ImportOption.DoNotIncludeTests.class, ArchitectureTest.WrittenByHand.class})
class ArchitectureTest {

    /** The build writes classes of its own beside ours: how the program is put together, and the repositories' queries. */
    static final class WrittenByHand implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("__");
        }
    }

    @ArchTest
    static final ArchRule NO_CYCLES_AT_ANY_DEPTH =
            SlicesRuleDefinition.slices().matching("vastarc.web.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ENTITIES_DO_NOT_KNOW_THE_BACKUP = noClasses()
            .that()
            .areAnnotatedWith(Entity.class)
            .should()
            .dependOnClassesThat()
            .resideInAPackage("vastarc.web.store.archive..");

    private static final List<String> PLACES = List.of(
            "api",
            "assembly",
            "bench",
            "drill",
            "logbook",
            "machines",
            "mend",
            "panel",
            "purge",
            "read",
            "reference",
            "rehearse",
            "route",
            "run",
            "score",
            "search",
            "sheet",
            "shop");

    @ArchTest
    static final ArchRule NO_PLACE_KNOWS_ANOTHER = places();

    @ArchTest
    static final ArchRule WHAT_IS_KEPT_KNOWS_NO_PLACE = noClasses()
            .that()
            .resideInAPackage("vastarc.web.store..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(packages());

    @ArchTest
    static final ArchRule PAGES_DO_NOT_REACH_INTO_THE_HEAT_MODEL = noClasses()
            .that()
            .resideInAnyPackage("vastarc.web..")
            .and()
            .resideOutsideOfPackages("vastarc.web.drawing..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("vastarc.core.physics.heat..");

    @ArchTest
    static final ArchRule DRAWINGS_KNOW_NOTHING_OF_THE_WEB = noClasses()
            .that()
            .resideInAPackage("vastarc.web.drawing..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "vastarc.web.store..");

    @ArchTest
    static final ArchRule ONLY_STORES_TOUCH_THE_DATABASE = noClasses()
            .that()
            .resideOutsideOfPackages("vastarc.web.store..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "jakarta.persistence..", "org.springframework.data..", "org.springframework.jdbc..", "java.sql..");

    private static String[] packages() {
        return PLACES.stream().map(place -> "vastarc.web." + place + "..").toArray(String[]::new);
    }

    /** Every place against every other; the packages named are all the places there are. */
    private static ArchRule places() {
        CompositeArchRule rule = CompositeArchRule.of(classes()
                .that()
                .areAnnotatedWith(Controller.class)
                .or()
                .areAnnotatedWith(RestController.class)
                .should()
                .resideInAnyPackage(packages()));
        for (String place : PLACES) {
            rule = rule.and(noClasses()
                    .that()
                    .resideInAPackage("vastarc.web." + place + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(PLACES.stream()
                            .filter(other -> !other.equals(place))
                            .map(other -> "vastarc.web." + other + "..")
                            .toArray(String[]::new)));
        }
        return rule;
    }
}
