package fairacre;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import fairacre.parts.Part;
import fairacre.parts.Parts;
import fairacre.testing.Gardens;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.Collectors;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How the core is built: a folder for each capability, imports that point downwards, and no framework. */
class HouseTest {

    private static final Path SOURCES = Path.of("src/main/java/fairacre");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("fairacre");

    /** What every capability and everything above may see. */
    private static final Set<String> KERNEL = Set.of(
            "measure", "limits", "outline", "parts", "bill", "goods", "build", "plan", "shape", "takeoff", "judging");

    /** What each folder sees besides the kernel, from the ground floor up. A folder may see folders before it. */
    private static final Map<String, Set<String>> SEES = sees();

    private static Map<String, Set<String>> sees() {
        Map<String, Set<String>> sees = new LinkedHashMap<>();
        sees.put("measure", Set.of());
        sees.put("parts", Set.of());
        sees.put("limits", Set.of("measure"));
        sees.put("outline", Set.of("measure", "limits"));
        sees.put("bill", Set.of("measure", "limits", "parts"));
        sees.put("goods", Set.of("measure", "limits", "bill"));
        sees.put("build", Set.of("measure", "limits", "outline", "bill", "goods"));
        sees.put("plan", Set.of("measure", "limits", "outline", "parts", "bill", "goods", "build"));
        sees.put("shape", Set.of("measure", "limits", "outline", "build", "plan"));
        sees.put("sheet", Set.of("measure", "limits", "parts", "bill"));
        sees.put("takeoff", Set.of("measure", "parts", "bill", "goods", "build", "plan", "shape", "sheet"));
        sees.put("judging", Set.of("measure", "limits", "outline", "parts", "bill", "build", "plan", "shape"));
        sees.put("fill", Set.of());
        sees.put("solve", Set.of());
        sees.put("frame", Set.of("solve"));
        sees.put("ground", Set.of("fill"));
        sees.put("surface", Set.of("fill", "frame", "ground"));
        sees.put("walk", Set.of("ground", "surface"));
        sees.put("reach", Set.of("walk"));
        sees.put("wheels", Set.of("ground", "surface", "walk"));
        sees.put("bed", Set.of("ground", "walk"));
        sees.put("fence", Set.of("ground"));
        sees.put("sun", Set.of("ground", "fence"));
        sees.put("frost", Set.of());
        sees.put("water", Set.of("ground", "walk", "reach", "sun", "frost"));
        sees.put("over", Set.of("fence"));
        sees.put("hoop", Set.of("fill", "frame", "fence", "over", "sun"));
        sees.put("cover", Set.of("frame", "over", "sheet", "sun"));
        sees.put("arch", Set.of("fence", "fill", "ground", "hoop", "reach"));
        sees.put("trellis", Set.of("arch", "fence", "sun"));
        sees.put("tunnel", Set.of("arch", "cover", "fence", "ground", "hoop", "over", "sun", "trellis"));
        sees.put("compost", Set.of("arch", "walk"));
        sees.put("furniture", Set.of("arch", "compost", "sheet", "sun"));
        sees.put("catalogue", Set.of());
        sees.put("crop", Set.of("catalogue", "frost", "over", "sun", "trellis"));
        sees.put(
                "husbandry",
                Set.of("arch", "catalogue", "crop", "fence", "hoop", "over", "sun", "trellis", "walk", "water"));
        sees.put("feeding", Set.of("catalogue", "compost", "crop", "fill"));
        sees.put("harvest", Set.of("catalogue", "crop"));
        sees.put("rotation", Set.of("catalogue", "crop", "harvest", "husbandry", "solve", "sun"));
        sees.put("crew", Set.of());
        sees.put("watch", Set.of("water"));
        sees.put("cost", Set.of("fence", "fill", "frame", "sheet", "surface", "water"));
        sees.put("ledger", Set.of("cost"));
        sees.put("journal", Set.of("catalogue", "harvest"));
        sees.put("staging", Set.of("cost"));
        sees.put("work", Set.of("cost", "crew", "journal", "staging"));
        sees.put(
                "schedule",
                Set.of(
                        "cost", "crew", "crop", "journal", "ledger", "reach", "solve", "staging", "walk", "water",
                        "work"));
        sees.put("wear", Set.of("cost", "frost", "water", "work"));
        sees.put("years", Set.of("catalogue", "cost", "crop", "harvest", "journal", "ledger", "water", "work"));
        sees.put("merge", Set.of());
        sees.put(
                "appraisal",
                Set.of(
                        "bed", "compost", "cost", "fence", "fill", "frame", "journal", "ledger", "reach", "surface",
                        "walk", "water", "wheels"));
        sees.put(
                "lookback",
                Set.of(
                        "appraisal",
                        "catalogue",
                        "cost",
                        "cover",
                        "crew",
                        "crop",
                        "feeding",
                        "husbandry",
                        "journal",
                        "over",
                        "work"));
        sees.put("arrange", Set.of("appraisal", "bed", "cost", "reach", "sun", "walk"));
        sees.put(
                "drawing",
                Set.of(
                        "appraisal",
                        "catalogue",
                        "crew",
                        "journal",
                        "schedule",
                        "staging",
                        "work",
                        "years",
                        "cost",
                        "cover",
                        "arch",
                        "fence",
                        "frame",
                        "furniture",
                        "ground",
                        "hoop",
                        "over",
                        "ledger",
                        "sheet",
                        "trellis",
                        "tunnel",
                        "walk",
                        "water"));
        sees.put(
                "format",
                Set.of(
                        "appraisal",
                        "catalogue",
                        "cost",
                        "crew",
                        "crop",
                        "journal",
                        "ledger",
                        "schedule",
                        "water",
                        "wear",
                        "work"));
        sees.put("example", Set.of("appraisal", "arrange", "cost", "fence", "surface", "walk"));
        return sees;
    }

    static Set<String> folders() {
        return SEES.keySet();
    }

    @ParameterizedTest
    @MethodSource("folders")
    void aFolderSeesTheKernelAndWhatItDeclares(String folder) {
        List<String> order = List.copyOf(SEES.keySet());
        Assertions.assertThat(order.subList(0, order.indexOf(folder))).containsAll(SEES.get(folder));
        Set<String> seen = new HashSet<>(SEES.get(folder));
        seen.add(folder);
        if (!KERNEL.contains(folder)) {
            seen.addAll(KERNEL);
        }
        String[] packages =
                seen.stream().map(each -> "fairacre." + each).sorted().toArray(String[]::new);
        noClasses()
                .that()
                .resideInAPackage("fairacre." + folder)
                .should()
                .dependOnClassesThat(resideInAPackage("fairacre..").and(not(resideInAnyPackage(packages))))
                .check(CORE);
    }

    @Test
    void everyFolderIsDeclared() throws Exception {
        try (var folders = Files.list(SOURCES)) {
            Assertions.assertThat(folders.filter(Files::isDirectory)
                            .map(folder -> folder.getFileName().toString()))
                    .containsExactlyInAnyOrderElementsOf(SEES.keySet());
        }
    }

    /** The plan holds what all capabilities share; what one of them alone knows lies in its folder. */
    @Test
    void thePlanStaysSmall() {
        Assertions.assertThat(CORE.stream()
                        .filter(type -> type.getPackageName().equals("fairacre.plan"))
                        .filter(type ->
                                type.isTopLevelClass() && !type.getSimpleName().equals("package-info")))
                .hasSizeLessThanOrEqualTo(35);
    }

    /** What a capability brings lies in its own folder; the front door only lists it. */
    @Test
    void theFrontDoorStaysSmall() throws Exception {
        try (var files = Files.list(SOURCES.resolve("appraisal"))) {
            Assertions.assertThat(files.toList()).hasSizeLessThanOrEqualTo(10);
        }
        classes()
                .that()
                .areAssignableTo(Part.class)
                .and()
                .areNotInterfaces()
                .should()
                .bePublic()
                .andShould(beListed())
                .check(CORE);
    }

    private static ArchCondition<JavaClass> beListed() {
        Set<String> listed = Parts.bringing(Part.class).stream()
                .map(part -> part.getClass().getName())
                .collect(Collectors.toSet());
        return ArchCondition.from(
                DescribedPredicate.describe("be in the one list of parts", type -> listed.contains(type.getName())));
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

    /**
     * A thread that holds what another waits for, and waits for a part of its work that the other took over, stops
     * both.
     */
    @Test
    void aJudgementUsesOneCore() {
        noClasses()
                .should()
                .callMethodWhere(DescribedPredicate.describe(
                        "it hands work to other threads",
                        call -> Set.of("parallel", "parallelStream").contains(call.getName())))
                .check(CORE);
    }

    /** What lies outside the Java heap is not missed by the garbage collector before it is too late. */
    @Test
    void memoryOfSolversIsGivenBack() {
        noClasses()
                .that()
                .doNotHaveSimpleName("NativeSolver")
                .should()
                .callMethodWhere(DescribedPredicate.describe(
                        "it makes a solver that nobody closes",
                        call -> call.getName().equals("createSolver")))
                .check(CORE);
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
        try (var folders = Files.list(SOURCES)) {
            List<Path> silent = folders.filter(Files::isDirectory)
                    .filter(folder -> !Files.exists(folder.resolve("package-info.java")))
                    .toList();
            Assertions.assertThat(silent).isEmpty();
        }
    }
}
