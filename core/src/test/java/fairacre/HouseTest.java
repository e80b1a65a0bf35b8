package fairacre;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The order of the house: imports point downwards, and the core knows no framework. */
class HouseTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("fairacre");

    @Test
    void importsPointDownwards() {
        layeredArchitecture().consideringOnlyDependenciesInLayers()
                .layer("measure").definedBy("fairacre.measure")
                .layer("plan").definedBy("fairacre.plan")
                .layer("shape").definedBy("fairacre.shape")
                .layer("ground").definedBy("fairacre.ground")
                .layer("walk").definedBy("fairacre.walk")
                .layer("reach").definedBy("fairacre.reach")
                .layer("frame").definedBy("fairacre.frame")
                .layer("fill").definedBy("fairacre.fill")
                .layer("surface").definedBy("fairacre.surface")
                .layer("cost").definedBy("fairacre.cost")
                .layer("ledger").definedBy("fairacre.ledger")
                .layer("arrange").definedBy("fairacre.arrange")
                .layer("appraisal").definedBy("fairacre.appraisal")
                .layer("drawing").definedBy("fairacre.drawing")
                .layer("format").definedBy("fairacre.format")
                .whereLayer("format").mayNotBeAccessedByAnyLayer()
                .whereLayer("drawing").mayNotBeAccessedByAnyLayer()
                .whereLayer("appraisal").mayOnlyBeAccessedByLayers("drawing", "format", "arrange")
                .whereLayer("arrange").mayNotBeAccessedByAnyLayer()
                .whereLayer("ledger").mayOnlyBeAccessedByLayers("appraisal", "drawing", "format")
                .whereLayer("cost").mayOnlyBeAccessedByLayers("ledger", "appraisal", "arrange", "drawing", "format")
                .whereLayer("surface").mayOnlyBeAccessedByLayers("cost", "appraisal", "format")
                .whereLayer("fill").mayOnlyBeAccessedByLayers("ground", "surface", "cost", "appraisal")
                .whereLayer("frame").mayOnlyBeAccessedByLayers("cost", "appraisal", "drawing")
                .whereLayer("reach").mayOnlyBeAccessedByLayers("appraisal")
                .whereLayer("ground").mayOnlyBeAccessedByLayers("surface", "appraisal", "drawing", "format")
                .whereLayer("walk").mayOnlyBeAccessedByLayers("reach", "appraisal", "drawing", "arrange")
                .whereLayer("shape").mayOnlyBeAccessedByLayers("ground", "walk", "reach", "frame", "fill", "surface", "cost", "arrange",
                        "appraisal", "drawing")
                .whereLayer("measure").mayOnlyBeAccessedByLayers("plan", "shape", "ground", "walk", "reach", "frame", "fill", "surface",
                        "cost", "appraisal", "drawing", "format", "arrange")
                .check(CORE);
    }

    @Test
    void theCoreKnowsNoFramework() {
        noClasses().should().dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "org.jooq..", "java.sql..", "jakarta..").check(CORE);
    }

    @Test
    void filesAreTheBusinessOfFormatAndDrawing() {
        noClasses().that().resideOutsideOfPackages("fairacre.format", "fairacre.drawing").should().dependOnClassesThat()
                .resideInAnyPackage("tools.jackson..", "com.fasterxml..", "com.networknt..", "org.apache.pdfbox..", "org.apache.poi..", "java.io..",
                        "java.nio.file..").check(CORE);
    }

    @Test
    void theModelAndTheStudiesHaveNoClockAndNoChance() {
        noClasses().that().resideOutsideOfPackage("fairacre.format").should()
                .callMethod(System.class, "currentTimeMillis").orShould().callMethod(java.util.UUID.class, "randomUUID")
                .orShould().dependOnClassesThat().haveFullyQualifiedName("java.util.Random").check(CORE);
    }

    @Test
    void thePlanIsImmutable() {
        classes().that().resideInAnyPackage("fairacre.plan").and().haveSimpleNameNotContaining("package-info").should()
                .haveOnlyFinalFields().check(CORE);
    }

    @Test
    void everyPackageExplainsItself() throws Exception {
        try (var folders = Files.list(Path.of("src/main/java/fairacre"))) {
            List<Path> silent = folders.filter(Files::isDirectory)
                    .filter(folder -> !Files.exists(folder.resolve("package-info.java"))).toList();
            Assertions.assertThat(silent).isEmpty();
        }
    }
}
