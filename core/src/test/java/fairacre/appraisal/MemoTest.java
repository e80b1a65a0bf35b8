package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bill.Price;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Material;
import fairacre.cost.KnownCuts;
import fairacre.format.GardenJson;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.limits.StoppedException;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
import fairacre.plan.Walk;
import fairacre.shape.Memo;
import fairacre.surface.BuildUps;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is remembered from one judgement to the next, or told as the difference from it, must not be seen in it. */
class MemoTest {

    private static final int EDITS = 25;

    @ParameterizedTest(name = "{0} beds, given up after {1} answers")
    @CsvSource({"12, 0", "12, 40", "12, 400", "60, 100", "60, 2000"})
    void aJudgementIsGivenUpWhereverItIsAndWhatWasFoundOutStaysRight(int beds, int answers) {
        Plan plan = Gardens.generatedOfAllShapes(beds, 4);
        Memo memo = new Memo(Memo.USUAL);
        AtomicInteger asked = new AtomicInteger();
        Appraisal stopped = Appraisal.of(
                plan, SEASON, memo.until(() -> asked.incrementAndGet() > answers), List.of(), KnownCuts.NONE);
        assertThatThrownBy(stopped::preview).isInstanceOf(StoppedException.class);
        assertThat(stopped.failures()).as("it is no fault of the program").isEmpty();
        assertThat(json(judged(plan, memo))).isEqualTo(json(judged(plan, Memo.none())));
    }

    @ParameterizedTest(name = "random edits {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aGardenJudgedFromMemoryIsJudgedTheSameByteForByte(long seed) {
        Random random = new Random(seed);
        Memo memo = new Memo(Memo.USUAL);
        Plan plan = Gardens.generatedOfAllShapes(14, seed);
        for (int i = 0; i < EDITS; i++) {
            if (plan.apply(edit(plan, random)) instanceof Outcome.Applied applied) {
                AppraisalReport before = judged(plan, memo);
                plan = applied.plan();
                AppraisalReport after = judged(plan, memo);
                assertThat(json(after)).as("edit %d", i).isEqualTo(json(judged(plan, Memo.none())));
                assertThat(json(AppraisalChange.of(before, after).appliedTo(before)))
                        .as("edit %d", i)
                        .isEqualTo(json(after));
            }
        }
    }

    private static AppraisalReport judged(Plan plan, Memo memo) {
        return Appraisal.of(plan, SEASON, memo, List.of(), KnownCuts.NONE).preview();
    }

    private static String json(AppraisalReport report) {
        return GardenJson.mapper().writeValueAsString(report);
    }

    /** Moves, turns, reshapes and goings of beds, and edits of what they stand in and of who is to reach them. */
    private static Change edit(Plan plan, Random random) {
        List<StandingBed> standing = plan.standing(SEASON);
        StandingBed bed = standing.get(random.nextInt(standing.size()));
        BedRevision revision = bed.revision();
        Rectangle outline = revision.outline().shifted(random.nextDouble() - 0.5, random.nextDouble() - 0.5);
        return switch (random.nextInt(11)) {
            case 0 -> new Change.MoveBed(bed.id(), revision.from(), outline.centre(), random.nextDouble() * 20);
            case 1 -> new Change.ReframeBed(bed.id(), revision.from(), Optional.empty());
            case 2 -> Put.of(Gardens.feature("Shed", FeatureKind.SHED, 0, 0, square(random)));
            case 3 ->
                Put.of(Gardens.gardener("Tall", 0.5 + random.nextDouble() * 0.3, 0.5 + random.nextDouble() * 0.4));
            case 4 -> Put.of(Gardens.gate("Gate", 1 + random.nextDouble() * 6, 0, 0.8 + random.nextDouble()));
            case 5 -> new Remove<>(Things.WAYS_IN, id("Gate"));
            case 6 -> new Change.RebuildBed(bed.id(), revision.withBuild(Gardens.leaning(random.nextDouble() * 0.3)));
            case 7 ->
                new Change.ReframeBed(
                        bed.id(), revision.from(), Optional.of(Gardens.cedar(Board.B1X6, 1 + random.nextInt(3))));
            case 8 ->
                new Change.SetPrice(new Price(
                        BuildPrices.board(Material.CEDAR, Board.B1X6, Length.feet(8)),
                        Money.of(Gardens.EUR, 5 + random.nextInt(20)),
                        false));
            case 9 ->
                Put.of(new Walk(
                        id("Way"),
                        "Way",
                        WalkGrade.MAIN,
                        Surfacing.LOOSE_GRAVEL,
                        Site.rectangle(2 + random.nextInt(3), 1 + random.nextInt(4)),
                        new WalkBuild(
                                BuildUps.usual(Surfacing.LOOSE_GRAVEL), random.nextBoolean(), random.nextBoolean())));
            default -> new Change.MoveBed(bed.id(), revision.from(), outline.centre(), outline.turn());
        };
    }

    private static double[] square(Random random) {
        double x = random.nextDouble() * 8;
        double y = random.nextDouble() * 4;
        return new double[] {x, y, x + 1, y, x + 1, y + 1, x, y + 1};
    }

    @Test
    void soManyAnswersAreKeptAndTheRestForgotten() {
        AtomicInteger worked = new AtomicInteger();
        Memo memo = new Memo(2);
        for (String question : List.of("a", "a", "a")) {
            assertThat(memo.<String>recall(question, () -> question + worked.incrementAndGet()))
                    .isEqualTo("a1");
        }
        IntStream.range(0, 100).forEach(question -> memo.recall(question, worked::incrementAndGet));
        worked.set(0);
        IntStream.range(0, 100).forEach(question -> memo.recall(question, worked::incrementAndGet));
        assertThat(worked.get()).isBetween(98, 100);
    }

    @Test
    void noMemoRemembersNothing() {
        AtomicInteger worked = new AtomicInteger();
        Memo memo = Memo.none();
        assertThat(memo.<Integer>recall("a", worked::incrementAndGet)).isEqualTo(1);
        assertThat(memo.<Integer>recall("a", worked::incrementAndGet)).isEqualTo(2);
    }

    @ParameterizedTest(name = "random edits {0}")
    @ValueSource(longs = {7, 8})
    void manyBedsAreJudgedTheSame(long seed) {
        Random random = new Random(seed);
        Memo memo = new Memo(Memo.USUAL);
        Plan plan = Gardens.generatedOfAllShapes(44, seed);
        for (int i = 0; i < 4; i++) {
            if (plan.apply(edit(plan, random)) instanceof Outcome.Applied applied) {
                plan = applied.plan();
                assertThat(json(judged(plan, memo))).as("edit %d", i).isEqualTo(json(judged(plan, Memo.none())));
            }
        }
    }
}
