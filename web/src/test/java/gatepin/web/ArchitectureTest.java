package gatepin.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The walls between the rooms. */
@AnalyzeClasses(packages = "gatepin", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_NOBODY = noClasses()
            .that()
            .resideInAPackage("gatepin.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("gatepin.web..", "org.springframework..", "java.sql..", "jakarta..", "org.thymeleaf..");

    @ArchTest
    static final ArchRule DATA_FLOWS_ONE_WAY = layeredArchitecture()
            .consideringOnlyDependenciesInAnyPackage("gatepin.web..")
            .layer("page")
            .definedBy("gatepin.web.page..")
            .layer("demo")
            .definedBy("gatepin.web.demo..")
            .layer("desk")
            .definedBy("gatepin.web.desk..")
            .layer("store")
            .definedBy("gatepin.web.store..")
            .layer("drawing")
            .definedBy("gatepin.web.drawing..")
            .whereLayer("page")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("demo")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("desk")
            .mayOnlyBeAccessedByLayers("page", "demo")
            .whereLayer("drawing")
            .mayOnlyBeAccessedByLayers("page")
            .whereLayer("store")
            .mayOnlyBeAccessedByLayers("page", "demo", "desk");

    @ArchTest
    static final ArchRule ONLY_THE_STORE_SPEAKS_SQL = noClasses()
            .that()
            .resideOutsideOfPackage("gatepin.web.store..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework.jdbc..", "java.sql..");
}
