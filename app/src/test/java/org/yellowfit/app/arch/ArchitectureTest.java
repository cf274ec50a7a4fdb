package org.yellowfit.app.arch;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import jakarta.persistence.Entity;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Controller;

/** The floors of the application, from the ground up, as docs/architecture.md shows them. */
class ArchitectureTest {

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.yellowfit.app");

    /** Packages that stand on one floor may know each other in one direction; those above know those below. */
    private static final List<List<String>> FLOORS = List.of(
            List.of("web", "assets", "words", "drawing", "forms"),
            List.of("shop", "people"),
            List.of("catalogue", "climate"),
            List.of("visit"),
            List.of("stock", "outbox", "records"),
            List.of("counter", "place", "plants", "planting", "takeaway", "bed", "afterwards", "settings"),
            List.of("api"),
            List.of("demo"));

    @Test
    void floorsKnowOnlyWhatIsBelow() {
        LayeredArchitecture floors = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (int i = 0; i < FLOORS.size(); i++) {
            floors = floors.layer(name(i))
                    .definedBy(FLOORS.get(i).stream()
                            .map(each -> "org.yellowfit.app." + each + "..")
                            .toArray(String[]::new));
        }
        for (int i = 0; i < FLOORS.size(); i++) {
            List<String> above = new ArrayList<>();
            for (int k = i + 1; k < FLOORS.size(); k++) {
                above.add(name(k));
            }
            floors = above.isEmpty()
                    ? floors.whereLayer(name(i)).mayNotBeAccessedByAnyLayer()
                    : floors.whereLayer(name(i)).mayOnlyBeAccessedByLayers(above.toArray(String[]::new));
        }
        floors.check(APP);
    }

    private static String name(int floor) {
        return String.join(", ", FLOORS.get(floor));
    }

    @Test
    void everyPackageStandsOnAFloor() {
        assertThat(APP.getPackage("org.yellowfit.app").getSubpackages().stream()
                        .map(JavaPackage::getRelativeName)
                        .collect(Collectors.toList()))
                .containsExactlyInAnyOrderElementsOf(
                        FLOORS.stream().flatMap(List::stream).toList());
    }

    @Test
    void packagesDoNotStandInACircle() {
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
    void theGroundFloorKnowsNoTables() {
        noClasses()
                .that()
                .resideInAnyPackage("..app.drawing..", "..app.words..", "..app.forms..", "..app.web..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..")
                .check(APP);
    }

    /** Screens of one stage do without those of another, so that a stage can be changed by itself. */
    @Test
    void takeAwayDoesWithoutTheScreensOfPlants() {
        noClasses()
                .that()
                .resideInAPackage("..app.takeaway..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("..app.plants..")
                .check(APP);
    }
}
