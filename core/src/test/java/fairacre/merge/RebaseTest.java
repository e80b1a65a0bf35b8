package fairacre.merge;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Material;
import fairacre.goods.GoodsPrices;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Swing;
import fairacre.plan.Things;
import fairacre.plan.WayIn;
import fairacre.testing.Changes;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Two windows edit one garden: the other one was faster. */
class RebaseTest {

    private static final WayIn GATE = gate("Gate", 5, 0, 1);
    private static final Plan BASE = with(
            plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 3, 2, 1), bed("Kale", 7, 7, 2, 1)),
            Put.of(GATE));

    private static Plan both(Change theirs, Change mine) {
        Plan newest = with(BASE, theirs);
        Rebase rebase = Rebase.of(BASE, newest);
        assertThat(rebase.conflicts(mine)).isEmpty();
        return with(newest, rebase.rebased(mine));
    }

    private static List<String> conflicts(Change theirs, Change mine) {
        return Rebase.of(BASE, with(BASE, theirs)).conflicts(mine);
    }

    private static Change reshape(String bed, Rectangle outline) {
        return new Change.ReshapeBed(id(bed), SEASON, outline);
    }

    private static Rectangle outline(Plan plan, String bed) {
        return plan.bed(id(bed)).revisions().get(0).outline();
    }

    @Test
    void differentFieldsOfOneThingBothStay() {
        WayIn gate = both(
                        Put.of(GATE.withWidth(Length.metres(1.2))),
                        Put.of(GATE.withSill(Length.metres(0.02)).withLifetime(Lifetime.until(SEASON + 3))))
                .waysIn()
                .get(0);
        assertThat(gate.width()).isEqualTo(Length.metres(1.2));
        assertThat(gate.sill()).isEqualTo(Length.metres(0.02));
        assertThat(gate.lifetime()).isEqualTo(Lifetime.until(SEASON + 3));
    }

    @Test
    void lengthAndWidthOfOneBedBothStay() {
        Plan plan = both(reshape("Beans", rectangle(3, 3, 2.4, 1, 0)), reshape("Beans", rectangle(3, 3, 2, 0.8, 0)));
        assertThat(outline(plan, "Beans")).isEqualTo(rectangle(3, 3, 2.4, 0.8, 0));
    }

    @Test
    void whatIsMovedByOneAndBuiltByTheOtherIsBoth() {
        Change moved = new Change.MoveBed(id("Beans"), SEASON, Point.metres(4, 3), 0);
        Change framed = new Change.ReframeBed(id("Beans"), SEASON, Optional.of(cedar(Board.B2X6, 2)));
        Plan plan = both(framed, moved);
        assertThat(plan).isEqualTo(both(moved, framed));
        assertThat(outline(plan, "Beans").centre()).isEqualTo(Point.metres(4, 3));
        Change turned = new Change.MoveBed(id("Beans"), SEASON, Point.metres(3, 3), 30);
        assertThat(outline(both(turned, moved), "Beans")).isEqualTo(rectangle(4, 3, 2, 1, 30));
    }

    @Test
    void stepsOfABatchAreEachMadeOfWhatTheOnesBeforeLeft() {
        Change batch = new Change.Batch(
                "Both",
                List.of(
                        reshape("Beans", rectangle(3, 3, 2, 0.8, 0)),
                        reshape("Beans", rectangle(3, 3, 2, 0.7, 0)),
                        reshape("Kale", rectangle(7, 7, 1.8, 1, 0))));
        Plan plan = both(reshape("Beans", rectangle(3, 3, 2.4, 1, 0)), batch);
        assertThat(outline(plan, "Beans")).isEqualTo(rectangle(3, 3, 2.4, 0.7, 0));
        assertThat(outline(plan, "Kale")).isEqualTo(rectangle(7, 7, 1.8, 1, 0));
    }

    @Test
    void theSameFieldIsAsked() {
        assertThat(conflicts(Put.of(GATE.withWidth(Length.metres(1.2))), Put.of(GATE.withWidth(Length.metres(0.9)))))
                .containsExactly("Gate: width");
        assertThat(conflicts(
                        reshape("Beans", rectangle(3, 3, 2.4, 1, 0)), reshape("Beans", rectangle(3, 3, 2.2, 1, 0))))
                .containsExactly("Beans: length");
        assertThat(conflicts(new Change.RenameBed(id("Beans"), "Peas"), new Change.RenameBed(id("Beans"), "Leeks")))
                .containsExactly("Beans: name");
    }

    @Test
    void theSameValueIsNoConflict() {
        Change wider = Put.of(GATE.withWidth(Length.metres(1.2)));
        assertThat(both(wider, wider)).isEqualTo(with(BASE, wider));
    }

    @Test
    void whatWasTakenOutMeanwhileOrEditedBeforeItIsTakenOutIsAsked() {
        Change gone = new Remove<>(Things.WAYS_IN, GATE.id());
        Change wider = Put.of(GATE.withWidth(Length.metres(1.2)));
        assertThat(conflicts(gone, wider)).containsExactly("Gate: width");
        assertThat(conflicts(wider, gone)).containsExactly("Gate: width");
        assertThat(conflicts(gone, Put.of(GATE.withWidth(Length.metres(1))))).isEmpty();
    }

    @Test
    void pricesAreToldApartByTheirItem() {
        Change stone = price(GoodsPrices.SOIL_DELIVERY, 70);
        Change board = price(BuildPrices.board(Material.CEDAR, Board.B1X6, Length.feet(8)), 9);
        assertThat(both(stone, board)).isEqualTo(with(BASE, board, stone));
        assertThat(conflicts(stone, price(GoodsPrices.SOIL_DELIVERY, 60))).hasSize(1);
    }

    private static Change price(PriceItem item, int euros) {
        return new Change.SetPrice(new Price(item, Money.of(Gardens.EUR, euros), false));
    }

    static Stream<Change> changes() {
        return Changes.ofEveryKind().stream();
    }

    /** Each kind of edit after each other: what either changed is in the result, or it is told. */
    @ParameterizedTest
    @MethodSource("changes")
    void nothingIsLost(Change theirs) {
        Plan base = Changes.plan();
        Plan newest = base.apply(theirs).orThrow();
        Fields before = Fields.of(base);
        Fields other = Fields.of(newest);
        // Every tenth, or it takes minutes; a variant that is taken over replaces the garden.
        List<Change> all = Changes.ofEveryKind();
        for (int i = all.indexOf(theirs) % 10; i < all.size(); i += 10) {
            Change mine = all.get(i);
            if (mine instanceof Change.TakeOver) {
                continue;
            }
            Fields now = Fields.of(base.apply(mine).orThrow());
            rebased(base, newest, mine).ifPresent(plan -> {
                Fields result = Fields.of(plan);
                Stream.of(before, now, other, result)
                        .flatMap(Fields::paths)
                        .distinct()
                        .forEach(path -> {
                            boolean isMine = !before.agrees(now, path);
                            if (isMine || !before.agrees(other, path)) {
                                assertThat(result.agrees(isMine ? now : other, path))
                                        .as("%s %s, %s after %s", isMine ? "mine" : "theirs", path, mine, theirs)
                                        .isTrue();
                            }
                        });
            });
        }
    }

    /** Empty if both changed the same, or if the two don't go together. */
    private static Optional<Plan> rebased(Plan base, Plan newest, Change mine) {
        Rebase rebase = Rebase.of(base, newest);
        if (!rebase.conflicts(mine).isEmpty()) {
            return Optional.empty();
        }
        try {
            return newest.apply(rebase.rebased(mine)) instanceof Outcome.Applied made
                    ? Optional.of(made.plan())
                    : Optional.empty();
        } catch (RefusedException apart) {
            return Optional.empty();
        }
    }

    @Test
    void aGateSwungByOneAndMovedByTheOther() {
        WayIn swung =
                new WayIn(GATE.id(), "Gate", GATE.place(), GATE.width(), Swing.SLIDING, GATE.lifetime(), GATE.sill());
        WayIn gate = both(Put.of(swung), Put.of(GATE.withPlace(Point.metres(0, 4))))
                .waysIn()
                .get(0);
        assertThat(gate.swing()).isEqualTo(Swing.SLIDING);
        assertThat(gate.place()).isEqualTo(Point.metres(0, 4));
    }
}
