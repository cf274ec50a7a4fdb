package org.yellowfit.core.arch;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The floors of the core: arrows point down only. */
class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.yellowfit.core");

    @Test
    void theCoreIsPlainJava() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "jakarta..",
                        "org.hibernate..",
                        "tools.jackson..",
                        "com.fasterxml..",
                        "org.yellowfit.app..")
                .check(CORE);
    }

    @Test
    void noPackagesStandInACircle() {
        slices().matching("org.yellowfit.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void arrowsPointDown() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("measure")
                .definedBy("..core.measure..")
                .layer("place")
                .definedBy("..core.climate..", "..core.light..", "..core.soil..", "..core.colour..")
                .layer("plant")
                .definedBy("..core.plant..")
                .layer("time")
                .definedBy("..core.growth..", "..core.season..")
                .layer("drawing")
                .definedBy("..core.site..")
                .layer("compare")
                .definedBy("..core.pair..")
                .layer("fit")
                .definedBy("..core.fit..")
                .layer("together")
                .definedBy("..core.palette..")
                .layer("hand over")
                .definedBy("..core.takeoff..", "..core.care..", "..core.records..")
                .layer("bed")
                .definedBy("..core.bed..")
                .whereLayer("plant")
                .mayOnlyAccessLayers("measure", "place")
                .whereLayer("place")
                .mayOnlyAccessLayers("measure")
                .whereLayer("measure")
                .mayNotAccessAnyLayer()
                .whereLayer("time")
                .mayOnlyAccessLayers("measure", "place", "plant")
                .whereLayer("drawing")
                .mayOnlyAccessLayers("measure", "place", "time")
                .whereLayer("compare")
                .mayOnlyAccessLayers("measure", "place", "plant", "time")
                .whereLayer("fit")
                .mayOnlyBeAccessedByLayers("together")
                .whereLayer("together")
                .mayOnlyBeAccessedByLayers("bed")
                .whereLayer("bed")
                .mayNotBeAccessedByAnyLayer()
                .check(CORE);
    }
}
