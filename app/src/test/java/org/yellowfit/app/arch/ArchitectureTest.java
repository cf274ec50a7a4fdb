package org.yellowfit.app.arch;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Controller;

class ArchitectureTest {

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.yellowfit.app");

    @Test
    void screensDoNotStandInACircle() {
        slices().matching("org.yellowfit.app.(*)..").should().beFreeOfCycles().check(APP);
    }

    @Test
    void tablesAndControllersStayInTheirOwnPackage() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .or()
                .areAssignableTo(Repository.class)
                .or()
                .areAnnotatedWith(Controller.class)
                .should()
                .bePackagePrivate()
                .check(APP);
    }

    @Test
    void drawingsKnowNoTablesAndNoScreens() {
        noClasses()
                .that()
                .resideInAPackage("..drawing..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("..visit..", "..catalogue..", "..people..", "jakarta.persistence..")
                .check(APP);
    }
}
