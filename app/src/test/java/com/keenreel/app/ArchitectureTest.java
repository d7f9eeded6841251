package com.keenreel.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The house: arrows point downward, no circle between packages, SQL in one room. */
class ArchitectureTest {
    private final JavaClasses house = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .withImportOption(location -> !location.contains("-tests.jar"))
            .importPackages("com.keenreel");

    @Test
    void coreDependsOnNothingInThisHouseAndOnNoFramework() {
        classes()
                .that()
                .resideInAPackage("com.keenreel.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("com.keenreel.core..", "java..", "org.jspecify..")
                .check(house);
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio..", "java.net.http..", "java.sql..", "java.awt..")
                .check(house);
    }

    @Test
    void theModelKnowsNothingOfEdits() {
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.core.reel")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("com.keenreel.core.edit")
                .check(house);
    }

    @Test
    void whatCanBeChosenKnowsNothingOfReels() {
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.core.option")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("com.keenreel.core.reel", "com.keenreel.core.edit", "com.keenreel.core.space")
                .check(house);
    }

    @Test
    void imagingAndPublishDependOnCoreAlone() {
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.imaging..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("com.keenreel.publish..", "com.keenreel.app..")
                .check(house);
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.publish..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "com.keenreel.imaging..", "com.keenreel.app..", "java.sql..", "org.springframework..")
                .check(house);
    }

    @Test
    void onlyTheStoreSeesSql() {
        noClasses()
                .that()
                .resideOutsideOfPackage("com.keenreel.app.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.jooq..", "java.sql..", "com.keenreel.app.store.sql..")
                .check(house);
    }

    @Test
    void packagesAreFreeOfCircles() {
        slices().matching("com.keenreel.core.(*)..").should().beFreeOfCycles().check(house);
        slices().matching("com.keenreel.app.(*)..").should().beFreeOfCycles().check(house);
    }
}
