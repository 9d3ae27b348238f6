package gatepin.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The walls of the house: docs/architecture.md. */
@AnalyzeClasses(packages = "gatepin", importOptions = ArchitectureTest.WithoutTests.class)
class ArchitectureTest {
    /** The tests of core come as a jar of their own. */
    static final class WithoutTests implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("/test-classes/") && !location.contains("-tests.jar");
        }
    }

    @ArchTest
    static final ArchRule CORE_KNOWS_NOBODY = noClasses()
            .that()
            .resideInAPackage("gatepin.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("gatepin.web..", "org.springframework..", "java.sql..", "jakarta..", "org.thymeleaf..");

    @ArchTest
    static final ArchRule NO_GATE_KNOWS_ANOTHER =
            slices().matching("gatepin.web.gate.(*)..").should().notDependOnEachOther();

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("gatepin.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule WHAT_IS_SHARED_KNOWS_NO_ROOM = noClasses()
            .that()
            .resideInAnyPackage(
                    "gatepin.web.lane..",
                    "gatepin.web.drawing..",
                    "gatepin.web.plan..",
                    "gatepin.web.shop..",
                    "gatepin.web.photo..",
                    "gatepin.web.form..",
                    "gatepin.web.sql..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "gatepin.web.gate..",
                    "gatepin.web.yard..",
                    "gatepin.web.runup..",
                    "gatepin.web.log..",
                    "gatepin.web.demo..");

    @ArchTest
    static final ArchRule NOBODY_KNOWS_THE_DEMO = noClasses()
            .that()
            .resideOutsideOfPackage("gatepin.web.demo..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("gatepin.web.demo..");

    @ArchTest
    static final ArchRule ONLY_STORES_SPEAK_SQL = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Store")
            .and()
            // the upgrade changes the tables themselves, and what may be done to them
            .resideOutsideOfPackages("gatepin.web.sql..", "gatepin.web.upgrade..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework.jdbc..", "java.sql..");

    @ArchTest
    static final ArchRule STORES_KNOW_NO_RULES = noClasses()
            .that()
            .haveSimpleNameEndingWith("Store")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("gatepin.core.verdict..", "gatepin.web.drawing..")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleNameEndingWith("Controller");

    @ArchTest
    static final ArchRule PAGES_DO_NOT_COMPUTE_CIRCUITS = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("AcNetwork")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("Planner")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("PlateFit")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("Misread")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("Rebuilt")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("gatepin.core.control.Simulation");
}
