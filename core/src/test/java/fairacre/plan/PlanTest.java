package fairacre.plan;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bill.Acquired;
import fairacre.bill.Budget;
import fairacre.bill.Price;
import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.testing.Changes;
import fairacre.testing.Gardens;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlanTest {

    private static final UUID BEANS = id("Beans");
    private static final Plan PLAN = Changes.plan();

    static Stream<Change> changes() {
        return Changes.ofEveryKind().stream();
    }

    @ParameterizedTest
    @MethodSource("changes")
    void everyChangeIsTakenBackByItsInverse(Change change) {
        Outcome.Applied applied = (Outcome.Applied) PLAN.apply(change);
        assertThat(applied.plan()).isNotEqualTo(PLAN);
        assertThat(applied.plan().apply(applied.inverse()).orThrow()).isEqualTo(PLAN);
    }

    @Test
    void everyKindOfChangeIsAmongThoseTried() {
        long kinds = kinds(Change.class).distinct().count();
        assertThat(Stream.concat(changes(), Stream.of(new Change.DropRevision(BEANS, SEASON)))
                        .map(Object::getClass)
                        .distinct()
                        .count())
                .isEqualTo(kinds);
    }

    @Test
    void everyKindOfThingIsPutInAndTakenOutAmongThem() {
        assertThat(Changes.ofEveryKind())
                .filteredOn(Put.class::isInstance)
                .extracting(change -> ((Put<?>) change).things().name())
                .containsAll(Things.all().stream().map(Things::name).toList());
        assertThat(Changes.ofEveryKind())
                .filteredOn(Remove.class::isInstance)
                .extracting(change -> ((Remove<?>) change).things().name())
                .containsAll(Things.all().stream().map(Things::name).toList());
    }

    @ParameterizedTest
    @MethodSource("changes")
    void everyEditIsToldInAFewWordsAndByNames(Change change) {
        Change inverse = ((Outcome.Applied) PLAN.apply(change)).inverse();
        for (Change told : List.of(change, inverse)) {
            String words = told.words(Names.of(PLAN, List.of(change, inverse)));
            assertThat(words).matches("[A-Z][^%]{3,80}").doesNotContainPattern("[0-9a-f]{8}-|Optional|a bed$");
        }
    }

    @Test
    void whatIsGoneIsToldByTheNameItHad() {
        Put<Walk> laid = Put.of(new Walk(id("Cross"), "Cross", WalkGrade.WORK, Surfacing.GRASS, Site.rectangle(1, 8)));
        Remove<Walk> takenUp = new Remove<>(Things.WALKS, id("Cross"));
        assertThat(laid.words(Names.of(PLAN, List.of()))).isEqualTo("Laid Cross");
        assertThat(takenUp.words(Names.of(PLAN, List.of(laid)))).isEqualTo("Took up Cross");
        assertThat(takenUp.words(Names.of(PLAN, List.of()))).isEqualTo("Took up a walk");
        assertThat(new Change.RetireBed(BEANS, Optional.of(SEASON + 1)).words(Names.of(PLAN, List.of())))
                .isEqualTo("Retired Beans from " + (SEASON + 1));
    }

    private static Stream<Class<?>> kinds(Class<?> of) {
        return of.isSealed() ? Stream.of(of.getPermittedSubclasses()).flatMap(PlanTest::kinds) : Stream.of(of);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void randomEditsAreTakenBackInReverseOrder(long seed) {
        Random random = new Random(seed);
        List<Change> kinds = changes().toList();
        Plan plan = PLAN;
        java.util.ArrayDeque<Change> back = new java.util.ArrayDeque<>();
        for (int i = 0; i < 40; i++) {
            if (plan.apply(kinds.get(random.nextInt(kinds.size()))) instanceof Outcome.Applied applied) {
                plan = applied.plan();
                back.push(applied.inverse());
            }
        }
        assertThat(back).hasSizeGreaterThan(5);
        for (Change change : back) {
            plan = plan.apply(change).orThrow();
        }
        assertThat(plan).isEqualTo(PLAN);
    }

    @Test
    void equalContentIsAnEqualPlanInWhateverOrderItCame() {
        Bed kale = bed("Kale", 6, 2, 2, 1);
        assertThat(plot(10, 8, PLAN.gardeners(), kale, bed("Beans", 2, 2, 2, 1)))
                .isEqualTo(plot(10, 8, PLAN.gardeners(), bed("Beans", 2, 2, 2, 1), kale));
    }

    @Nested
    class Seasons {

        private final Frame low = Gardens.cedar(Board.B2X10, 1);
        private final Bed raised = new Bed(
                BEANS,
                "Beans",
                List.of(
                        new BedRevision(2028, rectangle(2, 2, 2, 1, 0), Optional.of(low)),
                        new BedRevision(2030, rectangle(2, 2, 2, 1, 0), Optional.of(low.withCourses(2)))),
                Optional.of(2033));

        @Test
        void aBedStandsFromItsFirstSeasonUntilItIsRetired() {
            assertThat(raised.in(2027)).isEmpty();
            assertThat(raised.in(2028)).isPresent();
            assertThat(raised.in(2032)).isPresent();
            assertThat(raised.in(2033)).isEmpty();
        }

        @Test
        void aRevisionHoldsFromItsSeasonOn() {
            assertThat(raised.in(2029).orElseThrow().frame()).contains(low);
            assertThat(raised.in(2030).orElseThrow().frame()).contains(low.withCourses(2));
        }

        @Test
        void seasonsInWhichSomethingHappensAreKnown() {
            assertThat(plot(10, 8, List.of(), raised).seasonsOfChange()).containsExactly(2027, 2028, 2030, 2033);
        }

        @Test
        void whatHappensInASeasonIsToldInWords() {
            assertThat(Gardens.everything().events())
                    .containsExactly(
                            new SeasonEvents(SEASON, "8 built, 1 mulch"),
                            new SeasonEvents(
                                    SEASON + 1,
                                    "1 drain, 1 way in, 1 walk, 1 tap, 1 barrel, 1 pipe, 1 dripline, 1 fence, 1 tunnel, 1 compost heap, 1 structure, 1 mulch"),
                            new SeasonEvents(
                                    SEASON + 2,
                                    "1 rebuilt, 1 manifold, 1 drilled hose, 1 sprinklers, 1 hoop set, 1 cover, 1 panel arch, 1 trellis, 1 planting"),
                            new SeasonEvents(SEASON + 5, "1 gone"),
                            new SeasonEvents(
                                    SEASON + 9,
                                    "1 way in gone, 1 barrel gone, 1 fence gone, 1 hoop set gone, 1 cover gone, 1 panel arch gone, 1 trellis gone, 1 tunnel gone, 1 compost heap gone, 1 structure gone"));
            Plan hired =
                    Gardens.with(plot(10, 8, List.of()), Put.of(Gardens.sundry("Hire", "1", "80", Acquired.BOUGHT)));
            assertThat(hired.events()).containsExactly(new SeasonEvents(SEASON, ""));
            assertThat(plot(10, 8, List.of()).events()).containsExactly(new SeasonEvents(SEASON, ""));
        }

        @Test
        void aBedCantBeGoneBeforeItsLastRebuild() {
            assertRefused(plot(10, 8, List.of(), raised), new Change.RetireBed(BEANS, Optional.of(2030)), "retired");
        }

        @Test
        void twoRevisionsForOneSeasonAreRefused() {
            assertRefused(
                    PLAN,
                    new Change.ReviseBed(BEANS, PLAN.bed(BEANS).revisions().get(0)),
                    "revisions");
        }

        @Test
        void theLastRevisionCantBeDropped() {
            assertRefused(PLAN, new Change.DropRevision(BEANS, SEASON), "revisions");
        }

        @Test
        void aBedCantBeginBeforeItsGarden() {
            assertRefused(PLAN, new Change.RescheduleRevision(BEANS, SEASON, SEASON - 1), "beds/0/revisions");
        }
    }

    @Nested
    class BadInput {

        @Test
        void aBedOfFourKilometres() {
            refused(() -> rectangle(0, 0, 4000, 1, 0), "length");
        }

        @Test
        void aBedOfNoOrNegativeWidth() {
            refused(() -> rectangle(0, 0, 1, 0, 0), "width");
            refused(() -> rectangle(0, 0, 1, -2, 0), "width");
        }

        @Test
        void aTurnThatIsNoNumber() {
            refused(() -> rectangle(0, 0, 1, 1, Double.NaN), "turn");
        }

        @Test
        void aBedOffTheMap() {
            refused(() -> rectangle(5000, 0, 1, 1, 0), "centre/x");
            refused(() -> rectangle(5000, 0, 4000, 1, 0), "length");
        }

        @Test
        void aNameOfTenThousandCharactersOrNone() {
            assertRefusedName("n".repeat(10_000));
            assertRefusedName("   ");
            assertRefusedName("two\nlines");
        }

        @Test
        void aNameWithScriptInItIsJustAName() {
            Plan renamed = PLAN.apply(new Change.RenameBed(BEANS, "<script>alert(1)</script>"))
                    .orThrow();
            assertThat(renamed.bed(BEANS).name()).isEqualTo("<script>alert(1)</script>");
        }

        @Test
        void aSelfCrossingPlotIsRefusedWithThePlaceOfTheCrossing() {
            List<Point> bowTie =
                    List.of(Point.metres(0, 0), Point.metres(4, 4), Point.metres(4, 0), Point.metres(0, 4));
            assertThatThrownBy(() -> new Site(bowTie, 0, 0)).hasMessageContaining("x 2.00 m, y 2.00 m");
        }

        @Test
        void aPlotOfTwoCornersOrWithARepeatedCorner() {
            refused(() -> new Site(Site.rectangle(4, 4).subList(0, 2), 0, 0), "corners");
            Point corner = Point.metres(0, 0);
            refused(() -> new Site(List.of(corner, corner, Point.metres(4, 0), Point.metres(4, 4)), 0, 0), "corners/0");
        }

        @Test
        void twoBedsOfOneId() {
            assertRefused(PLAN, new Change.PlaceBed(bed("Beans", 5, 5, 1, 1)), "beds");
        }

        @Test
        void anotherCurrencyThanTheGardens() {
            Money pounds = Money.of(CurrencyUnit.GBP, 5);
            assertRefused(PLAN, new Change.SetBudget(new Budget(pounds, BigDecimal.TEN)), "budget/sum");
            assertRefused(
                    PLAN, new Change.SetPrice(new Price(GoodsPrices.SOIL_DELIVERY, pounds, false)), "price/amount");
        }

        @Test
        void anEditOfWhatIsNotThere() {
            assertRefused(PLAN, new Change.RemoveBed(id("nowhere")), "bed");
            assertRefused(PLAN, new Change.MoveBed(BEANS, 1999, Point.metres(1, 1), 0), "from");
        }

        @Test
        void aBatchOfWhichOneChangeFailsChangesNothingAndNamesIt() {
            Change batch = new Change.Batch(
                    "Both",
                    List.of(
                            new Change.RenameBed(BEANS, "B"),
                            new Change.MoveBed(id("nowhere"), SEASON, Point.metres(1, 1), 0)));
            assertThat(PLAN.apply(batch))
                    .isInstanceOfSatisfying(
                            Outcome.Refused.class,
                            r -> assertThat(r.refusal().field()).isEqualTo("changes/1/bed"));
        }

        @Test
        void boardsThatLeaveNoSoil() {
            Frame sleepers = Gardens.cedar(Board.SLEEPER_100X200, 1);
            refused(() -> new BedRevision(SEASON, rectangle(0, 0, 1, 0.2, 0), Optional.of(sleepers)), "frame");
        }

        @Test
        void aGardenerWithoutReach() {
            refused(() -> gardener("Nil", 0, 0.6), "reach");
        }

        private static void assertRefusedName(String name) {
            refused(() -> new Change.RenameBed(BEANS, name), "name");
        }

        private static void refused(org.assertj.core.api.ThrowableAssert.ThrowingCallable make, String field) {
            assertThatThrownBy(make)
                    .isInstanceOfSatisfying(
                            RefusedException.class,
                            e -> assertThat(e.refusal().field()).isEqualTo(field));
        }
    }

    @Test
    void aQuarterTurnIsExact() {
        Rectangle upright = rectangle(1, 1, 2, 1, 90);
        assertThat(upright.corners())
                .containsExactly(
                        Point.metres(0.5, 2), Point.metres(0.5, 0), Point.metres(1.5, 0), Point.metres(1.5, 2));
        assertThat(rectangle(0, 0, 1, 1, -90).turn()).isEqualTo(270);
    }

    @Test
    void contingencyIsHeldBackRoundedHalfUp() {
        Budget budget = new Budget(Money.of(CurrencyUnit.EUR, new BigDecimal("33.33")), new BigDecimal("12.5"));
        assertThat(budget.held()).isEqualTo(Money.of(CurrencyUnit.EUR, new BigDecimal("4.17")));
    }

    @Test
    void lengthsInRefusalsAreInBothUnits() {
        assertThatThrownBy(() -> rectangle(0, 0, 4000, 1, 0))
                .hasMessageContaining("4000.00 m")
                .hasMessageContaining("′");
        assertThat(Length.metres(4000).metres()).isEqualTo(4000);
    }

    private static void assertRefused(Plan plan, Change change, String field) {
        assertThat(plan.apply(change))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo(field));
    }
}
