package fairacre;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import fairacre.testing.Gardens;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ThreadLocalRandom;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The order of the house: imports point downwards, and the core knows no framework. */
class HouseTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("fairacre");

    @Test
    void importsPointDownwards() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("measure")
                .definedBy("fairacre.measure")
                .layer("plan")
                .definedBy("fairacre.plan")
                .layer("shape")
                .definedBy("fairacre.shape")
                .layer("ground")
                .definedBy("fairacre.ground")
                .layer("walk")
                .definedBy("fairacre.walk")
                .layer("reach")
                .definedBy("fairacre.reach")
                .layer("frame")
                .definedBy("fairacre.frame")
                .layer("fill")
                .definedBy("fairacre.fill")
                .layer("surface")
                .definedBy("fairacre.surface")
                .layer("cost")
                .definedBy("fairacre.cost")
                .layer("ledger")
                .definedBy("fairacre.ledger")
                .layer("arrange")
                .definedBy("fairacre.arrange")
                .layer("appraisal")
                .definedBy("fairacre.appraisal")
                .layer("drawing")
                .definedBy("fairacre.drawing")
                .layer("format")
                .definedBy("fairacre.format")
                .whereLayer("format")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("drawing")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("appraisal")
                .mayOnlyBeAccessedByLayers("drawing", "format", "arrange")
                .whereLayer("arrange")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("ledger")
                .mayOnlyBeAccessedByLayers("appraisal", "drawing", "format")
                .whereLayer("cost")
                .mayOnlyBeAccessedByLayers("ledger", "appraisal", "arrange", "drawing", "format")
                .whereLayer("surface")
                .mayOnlyBeAccessedByLayers("cost", "appraisal", "format")
                .whereLayer("fill")
                .mayOnlyBeAccessedByLayers("ground", "surface", "cost", "appraisal")
                .whereLayer("frame")
                .mayOnlyBeAccessedByLayers("cost", "appraisal", "drawing")
                .whereLayer("reach")
                .mayOnlyBeAccessedByLayers("appraisal")
                .whereLayer("ground")
                .mayOnlyBeAccessedByLayers("surface", "appraisal", "drawing", "format")
                .whereLayer("walk")
                .mayOnlyBeAccessedByLayers("reach", "appraisal", "drawing", "arrange")
                .whereLayer("shape")
                .mayOnlyBeAccessedByLayers(
                        "ground",
                        "walk",
                        "reach",
                        "frame",
                        "fill",
                        "surface",
                        "cost",
                        "arrange",
                        "appraisal",
                        "drawing")
                .whereLayer("measure")
                .mayOnlyBeAccessedByLayers(
                        "plan",
                        "shape",
                        "ground",
                        "walk",
                        "reach",
                        "frame",
                        "fill",
                        "surface",
                        "cost",
                        "appraisal",
                        "drawing",
                        "format",
                        "arrange")
                .check(CORE);
    }

    @Test
    void theCoreKnowsNoFramework() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "org.jooq..", "java.sql..", "jakarta..")
                .check(CORE);
    }

    @Test
    void filesAreTheBusinessOfFormatAndDrawing() {
        noClasses()
                .that()
                .resideOutsideOfPackages("fairacre.format", "fairacre.drawing")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "tools.jackson..",
                        "com.fasterxml..",
                        "com.networknt..",
                        "org.apache.pdfbox..",
                        "org.apache.poi..",
                        "java.io..",
                        "java.nio.file..")
                .check(CORE);
    }

    private static final ArchRule NO_CLOCK_AND_NO_CHANCE = noClasses()
            .that()
            .resideOutsideOfPackage("fairacre.format")
            .should()
            .callCodeUnitWhere(DescribedPredicate.describe(
                    "it tells the time or leaves something to chance", HouseTest::tellsTimeOrChance))
            .orShould()
            .dependOnClassesThat()
            .haveNameMatching(
                    "java\\.util\\.(Random|SplittableRandom|concurrent\\.ThreadLocalRandom|random\\..*)|java\\.security\\.SecureRandom");

    private static boolean tellsTimeOrChance(JavaCall<?> call) {
        String owner = call.getTargetOwner().getFullName();
        return owner.startsWith("java.time.") && (call.getName().equals("now") || owner.equals("java.time.Clock"))
                || owner.equals("java.lang.System")
                        && Set.of("currentTimeMillis", "nanoTime").contains(call.getName())
                || owner.equals("java.lang.Math") && call.getName().equals("random")
                || owner.equals("java.util.UUID") && call.getName().equals("randomUUID");
    }

    @Test
    void theModelAndTheStudiesHaveNoClockAndNoChance() {
        NO_CLOCK_AND_NO_CHANCE.check(CORE);
    }

    @ParameterizedTest
    @ValueSource(classes = {Dated.class, Timed.class, Tossed.class, Drawn.class})
    void whoeverAsksAClockOrThrowsDiceIsFound(Class<?> guilty) {
        JavaClasses classes = new ClassFileImporter().importClasses(guilty);
        Assertions.assertThatThrownBy(() -> NO_CLOCK_AND_NO_CHANCE.check(classes))
                .isInstanceOf(AssertionError.class)
                .hasMessageContaining(guilty.getSimpleName());
    }

    static class Dated {
        Object today() {
            return LocalDate.now();
        }
    }

    static class Timed {
        long now() {
            return Instant.now().toEpochMilli() + System.nanoTime();
        }
    }

    static class Tossed {
        double toss() {
            return Math.random();
        }
    }

    static class Drawn {
        Object draw() {
            return ThreadLocalRandom.current();
        }
    }

    @Test
    void thePlanIsImmutable() throws ReflectiveOperationException {
        assertImmutable(Gardens.everything(), "plan");
    }

    /** Records keep lists of their own that nobody can alter. */
    private static void assertImmutable(Object value, String at) throws ReflectiveOperationException {
        if (value instanceof Optional<?> maybe && maybe.isPresent()) {
            assertImmutable(maybe.get(), at);
        } else if (value instanceof Collection<?> all) {
            Assertions.assertThat(all).as(at).isInstanceOf(List.class);
            Assertions.assertThat(isUnmodifiable(all))
                    .as(at + " can't be altered")
                    .isTrue();
            for (Object each : all) {
                assertImmutable(each, at);
            }
        } else if (value != null && value.getClass().isRecord()) {
            for (RecordComponent component : value.getClass().getRecordComponents()) {
                Assertions.assertThat(component.getType().isArray())
                        .as(at + "." + component.getName() + " is an array")
                        .isFalse();
                component.getAccessor().setAccessible(true);
                assertImmutable(component.getAccessor().invoke(value), at + "." + component.getName());
            }
        }
    }

    private static boolean isUnmodifiable(Collection<?> all) {
        try {
            all.clear();
            return false;
        } catch (UnsupportedOperationException unmodifiable) {
            return true;
        }
    }

    @Test
    void everyPackageExplainsItself() throws Exception {
        try (var folders = Files.list(Path.of("src/main/java/fairacre"))) {
            List<Path> silent = folders.filter(Files::isDirectory)
                    .filter(folder -> !Files.exists(folder.resolve("package-info.java")))
                    .toList();
            Assertions.assertThat(silent).isEmpty();
        }
    }
}
