package fairacre.plan;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.withFreeHardware;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.tuple;

import fairacre.bill.BillLine;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Fastener;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.build.Workshop;
import fairacre.cost.CostStudy;
import fairacre.frame.BowStudy;
import fairacre.frame.Bowing;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OwnKindsTest {

    private static final Material PLASTIC =
            Material.own("Planks of old bags", 30, 60, 700, 900, 1, "Sags in the sun / drill wide");
    private static final Board SCAFFOLD = Board.own(
            "Scaffold 5/8 | 38%",
            Length.millimetres(38),
            Length.millimetres(225),
            List.of(Length.metres(3.9), Length.metres(2.4), Length.metres(2.4)));

    @Test
    void theKeyTellsAllOfIt() {
        assertThat(Material.of(PLASTIC.key()))
                .isEqualTo(PLASTIC)
                .usingRecursiveComparison()
                .isEqualTo(PLASTIC);
        assertThat(Board.of(SCAFFOLD.key()))
                .isEqualTo(SCAFFOLD)
                .usingRecursiveComparison()
                .isEqualTo(SCAFFOLD);
        assertThat(SCAFFOLD.stock()).containsExactly(Length.metres(2.4), Length.metres(3.9));
        assertThat(Material.own("A", 1, 2, 300, 400, 7, null).remark()).isEmpty();
    }

    @Test
    void isSoldInItsLengths() {
        PriceItem item = BuildPrices.board(PLASTIC, SCAFFOLD, Length.metres(3.9));
        assertThat(PriceItem.of(item.key())).isEqualTo(item);
        assertThat(item.label()).isEqualTo("Planks of old bags, Scaffold 5/8 | 38%, 3.90 m");
        PriceItem feet = BuildPrices.board(PLASTIC, Board.B5_4X6, Length.feet(8));
        assertThat(PriceItem.of(feet.key())).isEqualTo(feet);
        assertThatThrownBy(() -> PriceItem.of(
                        BuildPrices.board(PLASTIC, SCAFFOLD, Length.metres(3)).key()))
                .isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "own|",
                "own|A",
                "own|A|1|2|300|400|stiff|",
                "own|A|1|2|300|400|7",
                "own|A|x|2|300|400|7|",
                "own|%|1|2|300|400|7|",
                "own|A|2|1|300|400|7|"
            })
    void aDamagedMaterialIsRefused(String key) {
        assertThatThrownBy(() -> Material.of(key)).isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "own|A",
                "own|A|0.038+0.2|",
                "own|A|0.038+x|2.4",
                "own|A|0.0000001+0.2|2.4",
                "own|A|0.2+0.038|2.4",
                "own|A|0.038+0.2|90"
            })
    void aDamagedSizeIsRefused(String key) {
        assertThatThrownBy(() -> Board.of(key)).isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest(name = "{0} to {1} years, {2} to {3} kg, {4} GPa: {5}")
    @CsvSource({
        "0, 5, 400, 500, 8, leastYears",
        "6, 5, 400, 500, 8, mostYears",
        "1, 201, 400, 500, 8, mostYears",
        "1, 5, 9, 500, 8, leastDensity",
        "1, 5, 400, 399, 8, mostDensity",
        "1, 5, 400, 500, 0, stiffness",
        "1, 5, 400, 500, 251, stiffness"
    })
    void whatNoMaterialIsLikeIsRefusedAtItsField(
            int least, int most, int dry, int wet, double stiffness, String field) {
        assertThatThrownBy(() -> Material.own("A", least, most, dry, wet, stiffness, ""))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo(field));
    }

    @ParameterizedTest(name = "{0} x {1} mm: {2}")
    @CsvSource({
        "25, 150, SHORT_SCREW",
        "38, 225, LONG_SCREW",
        "60, 60, LONG_SCREW",
        "80, 80, PIN",
        "120, 120, PIN",
        "80, 200, COACH_SCREW"
    })
    @DisplayName("It is held as the known sizes that it is like")
    void fasteners(int thickness, int width, Fastener held) {
        Board board =
                Board.own("A", Length.millimetres(thickness), Length.millimetres(width), List.of(Length.metres(2)));
        assertThat(board.fastener()).isEqualTo(held);
        assertThat(board.forCourses()).isEqualTo(width >= 75);
        assertThat(board.metric()).isTrue();
    }

    @Test
    void soldByTheFootItIsOfTheFeetKind() {
        assertThat(Board.own("A", Length.inches(2), Length.inches(7), List.of(Length.feet(13)))
                        .metric())
                .isFalse();
    }

    @Test
    @DisplayName(
            "By hand: two sides of 3.8 m take a board of 3.9 m each, both ends of 1.124 m come out of one of 2.4 m")
    void boardsAreBought() {
        Plan plan = framed(3.8, PLASTIC);
        List<BillLine> boards = CostStudy.of(plan).bill().lines().stream()
                .filter(line -> line.item().key().startsWith(PLASTIC.key() + "/" + SCAFFOLD.key()))
                .toList();
        assertThat(boards)
                .extracting(line -> line.item().label(), line -> line.quantity().intValue())
                .containsExactlyInAnyOrder(
                        tuple("Planks of old bags, Scaffold 5/8 | 38%, 3.90 m", 2),
                        tuple("Planks of old bags, Scaffold 5/8 | 38%, 2.40 m", 1));
    }

    @Test
    @DisplayName(
            "Eight times slacker it is held at half the span, where a share of the span is the limit [simple beam: L^3 goes with E I]")
    void slackBoardsBow() {
        assertThat(span(PLASTIC).metres())
                .isEqualTo(span(Material.own("Stiff", 30, 60, 700, 900, 8, "")).metres() / 2, offset(0.002));
    }

    private static Length span(Material material) {
        return BowStudy.of(framed(3.8, material).bed(id("A")).revisions().get(0))
                .map(Bowing::span)
                .orElseThrow();
    }

    private static Plan framed(double length, Material material) {
        return withFreeHardware(plot(
                10,
                10,
                List.of(),
                bed("A", 5, 5, length, 1.2, 0, Optional.of(new Frame(material, SCAFFOLD, 1, Joint.SIDES_PAST)))));
    }

    @Test
    void aKindStaysWhileABedIsBuiltOfIt() {
        Plan plan = framed(3.8, PLASTIC);
        OwnKinds used = OwnKinds.of(plan);
        assertThat(used.materials()).containsExactly(PLASTIC);
        assertThat(used.boards()).containsExactly(SCAFFOLD);
        assertThat(used.items())
                .extracting(PriceItem::key)
                .doesNotHaveDuplicates()
                .contains(
                        BuildPrices.board(Material.CEDAR, SCAFFOLD, Length.metres(2.4))
                                .key(),
                        BuildPrices.board(PLASTIC, Board.B2X10, Length.feet(8)).key());
        Material thatch = Material.own("Reed", 1, 2, 100, 300, 1, "");
        Plan shelved = with(
                plan,
                new PurseChange.PutWorkshop(new Workshop(
                        Length.ZERO, Length.ZERO, false, List.of(), List.of(thatch, PLASTIC), List.of(SCAFFOLD))));
        assertThat(OwnKinds.of(shelved).materials()).containsExactly(thatch, PLASTIC);
        assertThat(OwnKinds.of(shelved).boards()).containsExactly(SCAFFOLD);
        assertThat(OwnKinds.of(plot(10, 10, List.of())).items()).isEmpty();
    }
}
