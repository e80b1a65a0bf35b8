package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.cost.CostStudy;
import fairacre.cost.CuttingPlan;
import fairacre.fence.FencePiece.Part;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FenceBoardsTest {

    private static final int SEASON = Gardens.SEASON;
    private static final double FOOT = 0.3048;

    /** 40 ft along one side. */
    private static Plan garden(Fence fence) {
        return with(
                plot(30, 30, List.of(), bed("Beans", 6, 9, 2, 1)),
                new Change.DescribeGarden("Test garden", Units.FEET_AND_INCHES),
                Put.of(fence));
    }

    private static Fence fence(FenceKind kind, double feetHigh) {
        return Gardens.fence("Fence", kind, feetHigh * FOOT, 2, 2, 2 + 40 * FOOT, 2);
    }

    private static Map<Part, FencePiece> pieces(Plan plan) {
        return FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).fences().get(0).pieces().stream()
                .collect(Collectors.toMap(FencePiece::part, piece -> piece));
    }

    @Test
    @DisplayName("40 ft of closed boards 6 ft high: five spans of 8 ft with three rails and a cap, boards by hand")
    void fortyFeetOfBoards() {
        Map<Part, FencePiece> pieces = pieces(garden(fence(FenceKind.BOARDS, 6)));
        assertThat(pieces.get(Part.RAIL).count()).isEqualTo(15);
        assertThat(pieces.get(Part.RAIL).length()).isEqualTo(Length.feet(8));
        assertThat(pieces.get(Part.CAP).count()).isEqualTo(5);
        // 480 in of boards 5 1/2 in wide with 1/4 in between: 83 and 84 gaps leave 2.5 in uncovered, so 84.
        assertThat(pieces.get(Part.BOARD).count()).isEqualTo(84);
        assertThat(pieces.get(Part.BOARD).length()).isEqualTo(Length.inches(71));
    }

    @Test
    @DisplayName("pickets with gaps of 2 in: 64 over 40 ft, and no cap")
    void pickets() {
        Map<Part, FencePiece> pieces = pieces(garden(fence(FenceKind.PICKETS, 4)));
        // (480 - 2) / 7.5 = 63.7.
        assertThat(pieces.get(Part.BOARD).count()).isEqualTo(64);
        assertThat(pieces).doesNotContainKey(Part.CAP);
        assertThat(pieces.get(Part.RAIL).count()).isEqualTo(10);
    }

    @ParameterizedTest
    @CsvSource({"48, 2", "48.01, 3", "72, 3", "72.01, 4"})
    @DisplayName("two rails up to 4 ft, three up to 6 ft, four above (common practice)")
    void rails(double inches, int rails) {
        assertThat(FenceBoards.rails(Length.inches(inches))).isEqualTo(rails);
    }

    @ParameterizedTest
    @CsvSource({"0.4572, 3", "0.458, 4"})
    @DisplayName("the fewest boards that leave no gap wider than the kind has: counted one by one")
    void theFewestBoards(double metres, int fewest) {
        // Three boards of 5 1/2 in with four gaps of 1/4 in cover 17 1/2 in, of 18 in half an inch is left.
        double width = 5.5 * 0.0254;
        double gap = 0.25 * 0.0254;
        int counted = 0;
        while (counted * width + (counted + 1) * gap < metres - 1e-9) {
            counted++;
        }
        assertThat(FenceBoards.boards(FenceKind.BOARDS, metres, Units.FEET_AND_INCHES))
                .isEqualTo(counted);
    }

    @Test
    @DisplayName("boards of a fence are cut by themselves, and every piece of them is on the cutting plan and paid for")
    void boardsAreCut() {
        Plan plan = Gardens.withFreeHardware(garden(fence(FenceKind.BOARDS, 6).during(Lifetime.from(SEASON))));
        CostStudy study = CostStudy.of(plan);
        List<CuttingPlan> cutting = study.cutting().stream()
                .filter(cut -> cut.part() == BillPart.FENCE)
                .toList();
        assertThat(cutting).hasSize(2);
        int pieces = cutting.stream()
                .flatMap(cut -> cut.pieces().stream())
                .peek(piece -> assertThat(piece.into()).containsExactly(id("Fence")))
                .mapToInt(piece -> piece.count())
                .sum();
        assertThat(pieces).isEqualTo(15 + 5 + 84);
        Bill bill = study.bill();
        List<BillLine> lines = bill.lines().stream()
                .filter(line ->
                        line.part() == BillPart.FENCE && line.item().key().startsWith("treated/"))
                .toList();
        assertThat(lines)
                .isNotEmpty()
                .allSatisfy(line -> assertThat(line.places()).containsExactly(id("Fence")));
        int bought = lines.stream().mapToInt(line -> line.quantity().intValue()).sum();
        int cut = cutting.stream()
                .flatMap(each -> each.cutList().boards().stream())
                .mapToInt(boards -> boards.count())
                .sum();
        assertThat(bought).isEqualTo(cut);
    }

    @Test
    @DisplayName(
            "mesh of 12 years and posts of 25 from 2027 until 2056: mesh thrice, posts twice, nothing without an end")
    void renewals() {
        Fence fence = fence(FenceKind.WELDED_MESH, 4).with(PostKind.DRIVEN_STEEL);
        Lifetime until = new Lifetime(Optional.of(2027), Optional.of(2056));
        assertThat(seasons(fence.during(until), "fence/welded-mesh")).containsExactly(2027, 2039, 2051);
        assertThat(seasons(fence.during(until), "fence/steel-post")).containsExactly(2027, 2052);
        assertThat(seasons(fence.during(Lifetime.from(2027)), "fence/welded-mesh"))
                .containsExactly(2027);
        Lifetime justOver = new Lifetime(Optional.of(2027), Optional.of(2039));
        assertThat(seasons(fence.during(justOver), "fence/welded-mesh")).containsExactly(2027);
    }

    private static List<Integer> seasons(Fence fence, String item) {
        return Takeoff.of(garden(fence), Memo.none()).sold().stream()
                .filter(sold -> sold.line().item().key().startsWith(item))
                .map(sold -> sold.line().season())
                .distinct()
                .sorted()
                .toList();
    }
}
