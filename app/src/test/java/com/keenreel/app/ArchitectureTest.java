package com.keenreel.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The house: arrows point downward, no circle between packages, SQL in one room. */
class ArchitectureTest {
    private static final JavaClasses HOUSE = new ClassFileImporter()
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
                .check(HOUSE);
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio..", "java.net.http..", "java.sql..", "java.awt..")
                .check(HOUSE);
    }

    @Test
    void theModelKnowsNothingOfEdits() {
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.core.reel")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("com.keenreel.core.edit")
                .check(HOUSE);
    }

    @Test
    void whatCanBeChosenKnowsNothingOfReels() {
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.core.option")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("com.keenreel.core.reel", "com.keenreel.core.edit", "com.keenreel.core.space")
                .check(HOUSE);
    }

    @Test
    void imagingAndPublishDependOnCoreAlone() {
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.imaging..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("com.keenreel.publish..", "com.keenreel.app..")
                .check(HOUSE);
        noClasses()
                .that()
                .resideInAPackage("com.keenreel.publish..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "com.keenreel.imaging..", "com.keenreel.app..", "java.sql..", "org.springframework..")
                .check(HOUSE);
    }

    @Test
    void onlyTheStoreSeesSql() {
        noClasses()
                .that()
                .resideOutsideOfPackage("com.keenreel.app.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.jooq..", "java.sql..", "com.keenreel.app.store.sql..")
                .check(HOUSE);
    }

    @Test
    void nobodyAsksWhichArrangementAReelHas() throws IOException {
        for (Arrangement arrangement : Arrangements.all()) {
            String own = arrangement.getClass().getPackageName();
            noClasses()
                    .that()
                    .resideOutsideOfPackage(own)
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage(own)
                    .check(HOUSE);
            String word = arrangement.word();
            Pattern said = Pattern.compile("[\"'`]" + word + "[\"'`]|\\." + word + "(?![\\w-])(?=[^;\"'`]*\\{)");
            List<String> places = new ArrayList<>();
            for (String folder : List.of(
                    "core/src/main", "publish/src/main", "imaging/src/main", "app/src/main/java", "player/src")) {
                try (Stream<Path> files = Files.walk(Path.of("..", folder))) {
                    List<Path> sources = files.filter(Files::isRegularFile)
                            .filter(file -> !file.startsWith(Path.of("..", "player", "src", "test")))
                            .toList();
                    for (Path file : sources) {
                        boolean itsOwn = file.toString().contains("arrangement/" + word)
                                || file.endsWith("arrangements/" + word + ".css");
                        if (!itsOwn && said.matcher(Files.readString(file)).find()) {
                            places.add(file.toString());
                        }
                    }
                }
            }
            assertThat(places).as("where \"%s\" is spoken of", word).isEmpty();
        }
    }

    @Test
    void packagesAreFreeOfCircles() {
        slices().matching("com.keenreel.core.(*)..").should().beFreeOfCycles().check(HOUSE);
        slices().matching("com.keenreel.app.(*)..").should().beFreeOfCycles().check(HOUSE);
    }
}
