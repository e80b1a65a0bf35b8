package fairacre.hoop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.plan.Bed;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class HoopWantsTest {

    private static final Plan GARDEN = plot(
            30,
            30,
            List.of(),
            boxed("One", 3, 2.4),
            boxed("Two", 7, 2.4),
            boxed("Three", 11, 2.4),
            boxed("Long", 15, 3.6));

    private static Bed boxed(String name, double y, double length) {
        return bed(name, 10, y, length, 1.2, 0, Optional.of(cedar(Board.B2X10, 1)));
    }

    private static HoopSet over(BedPlace... places) {
        return Gardens.hoops("Tunnel", 0.5).withPlaces(List.of(places));
    }

    private static BedPlace in(String bed, int from, int until) {
        return new BedPlace(id(bed), new Lifetime(Optional.of(SEASON + from), Optional.of(SEASON + until)));
    }

    /** What is bought of an item, by season from the first. */
    private static Map<Integer, Double> bought(HoopSet set, String item) {
        Plan plan = with(GARDEN, Put.of(set));
        return Takeoff.of(plan, Memo.none()).sold().stream()
                .filter(sold -> sold.line().part() == BillPart.STRUCTURES
                        && sold.line().item().key().startsWith(item))
                .collect(Collectors.toMap(
                        sold -> sold.line().season() - SEASON,
                        sold -> sold.units(plan.units()),
                        Double::sum,
                        TreeMap::new));
    }

    /** Length of the pipe of a bow, worked out apart: the box is 38 mm thick, the pipe 20 mm. */
    private static double bow() {
        double half = (1.2 - 2 * Length.inches(1.5).metres() - 0.02) / 2;
        double radius = (half * half + 0.25) / 1;
        return half < 0.5 ? Math.PI * half + 2 * (0.5 - half) : 2 * radius * Math.asin(half / radius);
    }

    @Test
    @DisplayName("Counted by hand: three bows over one box, with their cord, clips and sheet")
    void aSetIsCounted() {
        HoopSet set = over(new BedPlace(id("One"), Lifetime.ALWAYS));
        assertThat(bought(set, "hoop/pe-20/metre").get(0)).isCloseTo(3 * (bow() + 0.6), within(1e-4));
        assertThat(bought(set, "hoop/cord").get(0)).isCloseTo(3 * 1.2192, within(1e-4));
        assertThat(bought(set, "hoop/clip")).isEqualTo(Map.of(0, 12.0));
        assertThat(bought(set, "hoop/fleece").get(0))
                .isCloseTo((2.4 + 2 * (0.5 + 0.3048)) * (bow() + 2 * 0.3048), within(0.005));
        assertThat(bought(set, "hoop/strap")).isEmpty();
    }

    @Test
    void aSetThatMovesFromBedToBedIsBoughtOnce() {
        HoopSet moving = over(in("One", 0, 1), in("Two", 1, 2), in("Three", 2, 3));
        assertThat(bought(moving, "hoop/pe-20").keySet()).containsExactly(0);
        assertThat(bought(moving, "hoop/fleece").keySet()).containsExactly(0);
        assertThat(bought(moving, "hoop/cord").keySet()).containsExactly(0);
        assertThat(bought(moving, "hoop/pe-20").get(0)).isCloseTo(3 * (bow() + 0.6), within(1e-4));
    }

    @Test
    @DisplayName("A season that wants more bows buys what is missing, and the longer sheet")
    void aLongerBedWantsMore() {
        HoopSet moving = over(in("One", 0, 1), in("Long", 1, 2), in("Two", 2, 9));
        assertThat(bought(moving, "hoop/clip")).isEqualTo(Map.of(0, 12.0, 1, 4.0));
        assertThat(bought(moving, "hoop/pe-20").get(1)).isCloseTo(bow() + 0.6, within(1e-4));
        assertThat(bought(moving, "hoop/fleece").keySet()).containsExactly(0, 1);
    }

    @Test
    void sleevesStayOnTheirBedsAndAreBoughtForEach() {
        HoopSet moving = over(in("One", 0, 1), in("Two", 1, 2), in("One", 2, 3))
                .withAnchor(HoopAnchor.IN_SLEEVES, Length.metres(0.2));
        assertThat(bought(moving, "hoop/strap")).isEqualTo(Map.of(0, 12.0, 1, 12.0));
        assertThat(bought(moving, "hoop/sleeve").get(1)).isCloseTo(1.2, within(1e-6));
    }

    @Test
    @DisplayName("Fleece lasts two seasons, PVC six: renewed until the set is gone")
    void whatWearsOutIsRenewed() {
        HoopSet plain = over(new BedPlace(id("One"), Lifetime.ALWAYS)).withPipe(HoopPipe.PVC_21);
        HoopSet until = new HoopSet(
                plain.id(),
                plain.name(),
                plain.form(),
                plain.pipe(),
                plain.rise(),
                plain.length(),
                plain.anchor(),
                plain.depth(),
                plain.weather(),
                plain.cover(),
                plain.places(),
                new Lifetime(Optional.of(SEASON), Optional.of(SEASON + 7)));
        assertThat(bought(until, "hoop/fleece").keySet()).containsExactly(0, 2, 4, 6);
        // A bow of 1.6 + 0.6 m of a stick of 3 m.
        assertThat(bought(until, "hoop/pvc-21/3m")).isEqualTo(Map.of(0, 3.0, 6, 3.0));
        assertThat(bought(plain, "hoop/fleece").keySet()).containsExactly(0);
    }

    @Test
    void whatWasThereBeforeCostsNothing() {
        HoopSet plain = over(new BedPlace(id("One"), Lifetime.ALWAYS));
        HoopSet old = new HoopSet(
                plain.id(),
                plain.name(),
                plain.form(),
                plain.pipe(),
                plain.rise(),
                plain.length(),
                plain.anchor(),
                plain.depth(),
                plain.weather(),
                plain.cover(),
                plain.places(),
                Lifetime.ALWAYS);
        assertThat(bought(old, "hoop/")).isEmpty();
        assertThat(bought(over(new BedPlace(id("Nowhere"), Lifetime.ALWAYS)), "hoop/"))
                .isEmpty();
    }

    @Test
    void everyItemHasAPriceToBeginWith() {
        Plan plan = with(
                GARDEN,
                Put.of(over(new BedPlace(id("One"), Lifetime.ALWAYS))
                        .withAnchor(HoopAnchor.IN_SLEEVES, Length.metres(0.2))));
        List<String> offered = PriceItem.all().map(PriceItem::key).toList();
        assertThat(offered).doesNotHaveDuplicates();
        assertThat(Takeoff.of(plan, Memo.none()).sold())
                .filteredOn(sold -> sold.line().part() == BillPart.STRUCTURES)
                .isNotEmpty()
                .allSatisfy(
                        sold -> assertThat(offered).contains(sold.line().item().key()));
    }

    @Test
    void newHoopsGoOverTheLargestFamilyWithoutAFlaw() {
        Put<HoopSet> put = NewHoops.over(GARDEN, SEASON, List.of(), id("new"));
        assertThat(put.thing().beds(SEASON)).containsExactlyInAnyOrder(id("One"), id("Two"), id("Three"));
        Plan plan = with(GARDEN, put);
        HoopTold told = HoopStudy.of(plan, SEASON, plan.standing(SEASON)).told().get(0);
        assertThat(told.over()).allSatisfy(over -> {
            assertThat(over.misfit()).isEmpty();
            assertThat(over.rise()).isEqualTo(over.span().half());
        });
        assertThat(told.bows()).isEqualTo(9);
    }

    @Test
    @DisplayName("Over beds that PE would be bent too tightly for the first pipe is taken that bears it: wire")
    void newHoopsOverSlimBedsAreOfWire() {
        assertThat(pipeOver(0.82)).isEqualTo(HoopPipe.PE_20);
        assertThat(pipeOver(0.8199)).isEqualTo(HoopPipe.WIRE_4);
    }

    private static HoopPipe pipeOver(double width) {
        Plan plan = plot(10, 10, List.of(), bed("Slim", 5, 5, 2, width));
        return NewHoops.over(plan, SEASON, List.of(), id("new")).thing().pipe();
    }
}
