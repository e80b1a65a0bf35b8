package fairacre.tunnel;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.tunnel;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillLine;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.hoop.BowForm;
import fairacre.hoop.GluedBow;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.StakesHold;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.over.Fabric;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.sun.SunStudy;
import fairacre.testing.Gardens;
import fairacre.walk.WalkRule;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TunnelTest {

    /** Two rows of beds with an aisle of 1 m between them, 6 by 3.4 m in all. */
    private static Plan rows() {
        return plot(20, 20, List.of(), bed("Beans", 10, 11.1, 6, 1.2), bed("Kale", 10, 8.9, 6, 1.2));
    }

    private static TunnelTold told(Plan plan) {
        return TunnelStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                .told()
                .get(0);
    }

    private static TunnelTold told(WalkInTunnel tunnel) {
        return told(with(rows(), Put.of(tunnel)));
    }

    private static List<Snag> snags(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() instanceof TunnelRule)
                .toList();
    }

    private static WalkInTunnel round(double rise) {
        return tunnel("Tunnel", 10, 10, 6, 3.4, rise, 2);
    }

    private static Bed turned(String name, double x, double y, double length, double width, double turn) {
        return bed(name, x, y, length, width, turn, Optional.empty());
    }

    private static Bed framed(String name, double y) {
        return bed(name, 10, y, 6, 1.2, 0, Optional.of(Gardens.cedar(Board.M38X150, 2)));
    }

    private static Gardener tall(String name, double metres) {
        Gardener some = gardener(name, 0.6, 0.6);
        return new Gardener(
                some.id(), name, some.reach(), some.posture(), some.passing(), Optional.of(Length.metres(metres)));
    }

    private static WalkInTunnel strapped(WalkInTunnel tunnel) {
        return changed(tunnel, TunnelFooting.BOARDS, tunnel.cover());
    }

    private static WalkInTunnel under(WalkInTunnel tunnel, Fabric cover) {
        return changed(tunnel, tunnel.footing(), cover);
    }

    private static WalkInTunnel changed(WalkInTunnel tunnel, TunnelFooting footing, Fabric cover) {
        return new WalkInTunnel(
                tunnel.id(),
                tunnel.name(),
                tunnel.place(),
                tunnel.form(),
                tunnel.pipe(),
                tunnel.rise(),
                tunnel.weather(),
                footing,
                cover,
                tunnel.hip(),
                tunnel.doors(),
                tunnel.doorWidth(),
                tunnel.doorAside(),
                tunnel.wires(),
                tunnel.hoseRail(),
                tunnel.lifetime());
    }

    @Test
    @DisplayName("Trade figures: half an ellipse 14 ft wide and 8 ft high takes 23.6 ft of pipe")
    void bowOfATunnel() {
        Length wide = Length.feet(14);
        WalkInTunnel tunnel = round(2.1)
                .at(new Rectangle(Point.metres(10, 10), Length.feet(20), wide, 0))
                .rising(BowForm.ELLIPSE, Length.feet(8));
        assertThat(told(tunnel).bow().metres())
                .isCloseTo(Length.feet(23.6).metres(), within(Length.feet(0.05).metres()));
        // Every 3 ft in the wind (common practice): 20 ft take seven bays, and one bow more.
        assertThat(told(tunnel).bows()).isEqualTo(8);
        assertThat(told(tunnel).apart().metres())
                .isCloseTo(Length.feet(20.0 / 7).metres(), within(1e-6));
    }

    @ParameterizedTest
    @DisplayName("Closed forms: a half circle on legs, half an ellipse")
    @CsvSource({"CIRCLE, 0, 2.1", "CIRCLE, 0.9, 1.8422", "ELLIPSE, 0, 2.1", "ELLIPSE, 0.9, 1.7816"})
    void heightBesideTheMiddle(BowForm form, double aside, double high) {
        // Legs of 0.4 m and sqrt(1.7² - 0.9²); 2.1 sqrt(1 - 0.9² / 1.7²).
        WalkInTunnel tunnel = round(2.1).rising(form, Length.metres(2.1));
        assertThat(new TunnelFrame(Units.METRIC, tunnel)
                        .bow()
                        .heightAt(Length.metres(aside))
                        .metres())
                .isCloseTo(high, within(1e-4));
    }

    @Test
    void atTheFootAndBeyondABowEnds() {
        TunnelFrame legs = new TunnelFrame(Units.METRIC, round(2.1).rising(BowForm.CIRCLE, Length.metres(2.1)));
        assertThat(legs.bow().heightAt(Length.metres(1.7)).metres()).isCloseTo(0.4, within(1e-6));
        assertThat(legs.bow().heightAt(Length.metres(1.8))).isEqualTo(Length.ZERO);
    }

    @Test
    @DisplayName("an aisle in the middle has all of the rise but half the pipe, one aside what the bow leaves there")
    void headroom() {
        double pipe = HoopPipe.TUBE_35.diameter().metres() / 2;
        assertThat(told(round(2.1)).aisles()).hasSize(1);
        assertThat(told(round(2.1)).aisles().get(0).headroom().metres()).isCloseTo(2.1 - pipe, within(1e-6));
        // Beds of 0.5 and 1.9 m: the aisle lies between 0.2 and 1.2 m off the middle; a head keeps 10 in off the bed.
        Plan aside = with(
                plot(20, 20, List.of(), bed("Beans", 10, 11.45, 6, 0.5), bed("Kale", 10, 9.25, 6, 1.9)),
                Put.of(round(2.1).rising(BowForm.ELLIPSE, Length.metres(2.1))));
        double off = 0.2 + 0.254;
        assertThat(told(aside).aisles()).hasSize(1);
        assertThat(told(aside).aisles().get(0).aside().metres()).isCloseTo(off, within(1e-6));
        assertThat(told(aside).aisles().get(0).headroom().metres())
                .isCloseTo(2.1 * Math.sqrt(1 - off * off / (1.7 * 1.7)) - pipe, within(1e-6));
    }

    @Test
    void besideTheSidesOneWalksOnAWalkOnly() {
        Plan slim = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 6, 1.2)),
                Put.of(round(2.1).withDoorAside(Length.metres(1.1))));
        // The door opens to the left; on the right is no walk.
        assertThat(told(slim).aisles()).hasSize(1);
        Plan walked = with(slim, Put.of(Gardens.walk("Walk", 7, 8.3, 6, 1.1)));
        assertThat(told(walked).aisles()).hasSize(2);
    }

    @ParameterizedTest
    @DisplayName("6 1/2 ft below the bows: at it, a hair under")
    @ValueSource(ints = {0, 1})
    void headroomAtTheLimit(int under) {
        Length rise = Length.feet(6.5).plus(HoopPipe.TUBE_35.diameter().half()).minus(new Length(under));
        Plan plan = with(rows(), Put.of(round(2.1).rising(BowForm.SHOULDERED, rise)));
        assertThat(snags(plan).stream().map(Snag::rule).toList())
                .isEqualTo(under == 0 ? List.of() : List.of(TunnelRule.TUNNEL_LOW));
    }

    @Test
    void theTallestGardenerCounts() {
        Plan tall = with(rows(), Put.of(tall("Ben", 2.09)), Put.of(round(2.1)));
        Snag snag = snags(tall).get(0);
        assertThat(snag.words()).contains("Ben stands 2.09 m tall");
        Plan after = tall.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(snags(after)).isEmpty();
        // The lowest that does: half a pipe above 2.09 m, up to the next half centimetre.
        assertThat(after.list(TunnelKinds.TUNNELS).get(0).rise()).isEqualTo(Length.metres(2.11));
    }

    @Test
    @DisplayName("openings: two doors of 0.9 x 2 m are 3.6 of 20.4 m²; sides rolled up to 0.9 m add 2 x 6 x 0.76 m")
    void air() {
        assertThat(told(round(2.1)).openings().squareMetres()).isCloseTo(3.6, within(1e-6));
        assertThat(told(round(2.1)).air().orElseThrow()).isCloseTo(3.6 / 20.4, within(1e-6));
        WalkInTunnel rolled = round(2.1).rollingUp(Length.metres(0.9));
        double side = 0.9 - Length.inches(5.5).metres();
        assertThat(told(rolled).openings().squareMetres()).isCloseTo(3.6 + 12 * side, within(1e-6));
        WalkInTunnel net = under(round(2.1), Fabric.INSECT_NET);
        assertThat(told(net).air()).isEmpty();
    }

    @ParameterizedTest
    @DisplayName("15 % of the floor: at it, a hair over and a hair under")
    @CsvSource({"0, false", "-0.001, false", "0.001, true"})
    void airAtTheLimit(double longer, boolean airless) {
        // Two doors of 0.9 x 2 m are 15 % of 24 m².
        Plan plan = with(plot(20, 20, List.of()), Put.of(tunnel("Tunnel", 10, 10, 24 / 3.4 + longer, 3.4)));
        assertThat(snags(plan).stream().map(Snag::rule).toList())
                .isEqualTo(airless ? List.of(TunnelRule.TUNNEL_AIRLESS) : List.of());
    }

    @Test
    void theSidesRollUpAsLittleAsDoes() {
        Plan airless = with(plot(20, 20, List.of()), Put.of(tunnel("Tunnel", 10, 10, 5, 4.8, 2.1, 1)));
        Snag snag = snags(airless).get(0);
        assertThat(snag.remedies().stream().map(Remedy::words))
                .anyMatch(words -> words.startsWith("Let both sides roll up to a board"))
                .contains("Put a door in the other end too");
        WalkInTunnel rolled = airless.apply(snag.remedies().get(0).change())
                .orThrow()
                .list(TunnelKinds.TUNNELS)
                .get(0);
        assertThat(new TunnelFrame(Units.METRIC, rolled).airless()).isFalse();
        assertThat(new TunnelFrame(
                                Units.METRIC,
                                rolled.rollingUp(rolled.hip().orElseThrow().minus(Length.millimetres(5))))
                        .airless())
                .isTrue();
    }

    @Test
    @DisplayName("a bow bends no tighter than its pipe: R = d / 2e")
    void bent() {
        // The outer arcs of shoulders have 3/4 of a third of the span as their radius: a quarter of it.
        Length bears = HoopPipe.TUBE_35.tightest();
        assertThat(bears.metres()).isCloseTo(0.0349 / 0.06, within(1e-6));
        for (int hair : List.of(-4, 0)) {
            Plan plan = with(
                    plot(20, 20, List.of()),
                    Put.of(round(2.1)
                            .at(new Rectangle(
                                    Point.metres(10, 10),
                                    Length.metres(4),
                                    new Length(4 * bears.micrometres() + 4 + hair * 2),
                                    30))));
            assertThat(snags(plan).stream().map(Snag::rule).toList())
                    .isEqualTo(hair == 0 ? List.of() : List.of(TunnelRule.TUNNEL_BENT));
        }
    }

    @ParameterizedTest
    @DisplayName("a bed may reach 2 in over a side: at it, a hair over; in every quarter and aslant")
    @CsvSource({"0, 50.8, 0", "0, 50.9, 1", "90, 50.8, 0", "90, 50.9, 1", "35, 50.8, 0", "35, 50.9, 1"})
    void throughABed(double turn, double over, int cut) {
        StandingBed beans = plot(20, 20, List.of(), turned("Beans", 10, 10, 4, 2, turn))
                .standing(SEASON)
                .get(0);
        Rectangle bed = beans.outline();
        Rectangle place = bed.movedTo(bed.at(0, -over / 1000), bed.turn());
        Plan plan = with(
                plot(20, 20, List.of(), turned("Beans", 10, 10, 4, 2, turn)),
                Put.of(round(2.1).at(place).of(HoopPipe.CONDUIT_23)));
        assertThat(told(plan).cut()).hasSize(cut);
        assertThat(told(plan).beds()).hasSize(1 - cut);
    }

    @Test
    void aTunnelThroughABedStandsRoundItOrLeavesItOut() {
        Plan plan = with(rows(), Put.of(tunnel("Tunnel", 10, 10, 5, 3.4)));
        Snag snag = snags(plan).get(0);
        assertThat(snag.words()).isEqualTo("A side or an end of Tunnel runs through Beans and Kale.");
        Plan after = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(after.list(TunnelKinds.TUNNELS).get(0).place().length()).isEqualTo(Length.metres(6));
        assertThat(told(after).beds()).containsExactlyInAnyOrder(id("Beans"), id("Kale"));
    }

    @Test
    void aTunnelStandsClearOfWhatIsSolidAndOnThePlot() {
        Feature shed = Gardens.feature("Shed", FeatureKind.SHED, 0, 0, 12.9, 9, 14.9, 9, 14.9, 11, 12.9, 11);
        Plan plan = with(plot(20, 20, List.of()), Put.of(shed), Put.of(round(2.1)));
        Snag snag = snags(plan).get(0);
        assertThat(snag.words()).isEqualTo("Tunnel stands where Shed is.");
        Plan after = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(snags(after)).isEmpty();
        assertThat(after.list(TunnelKinds.TUNNELS).get(0).place().length().metres())
                .isBetween(5.87, 5.9);
        Plan within = with(plot(20, 20, List.of()), Put.of(round(2.1)), Put.of(tunnel("Small", 10, 10, 2, 2.4)));
        assertThat(snags(within).stream().filter(each -> each.rule() == TunnelRule.TUNNEL_BLOCKED))
                .hasSize(2);
        Plan off = with(plot(20, 20, List.of()), Put.of(tunnel("Tunnel", 10, 18.31, 6, 3.4)));
        assertThat(snags(off).get(0).words()).isEqualTo("Tunnel reaches beyond the plot.");
        assertThat(snags(with(plot(20, 20, List.of()), Put.of(tunnel("Tunnel", 10, 18.3, 6, 3.4)))))
                .isEmpty();
    }

    @Test
    void oneGetsInByItsDoorsOnly() {
        assertThat(round(2.1).standing()).hasSize(2);
        List<Feature> one = tunnel("Tunnel", 10, 10, 6, 3.4, 2.1, 1).standing();
        assertThat(one).hasSize(1);
        assertThat(one.get(0).places()).hasSize(6).contains(Point.metres(13, 10.45), Point.metres(13, 9.55));
    }

    @Test
    void feetStandOnBoardsWhereThereAreSome() {
        WalkInTunnel strapped = strapped(round(2.1));
        // 6 m in bays of at most 3 ft: seven, so eight bows; boards on both sides, on one, on none.
        Bed left = framed("Beans", 11.1);
        Bed right = framed("Kale", 8.9);
        assertThat(told(with(plot(20, 20, List.of(), left, right), Put.of(strapped)))
                        .onBoards())
                .isEqualTo(16);
        assertThat(told(with(plot(20, 20, List.of(), left), Put.of(strapped))).onBoards())
                .isEqualTo(8);
        assertThat(told(strapped).onBoards()).isZero();
        assertThat(told(round(2.1)).onStakes()).isEqualTo(16);
    }

    @Test
    @DisplayName("stakes hold what a gale lifts: 6 x 3.4 m under film, worked by hand")
    void whatHoldsItDown() {
        StakesHold hold = told(round(2.1)).hold();
        double lift = 0.613 * 17.2 * 17.2 * (0.655 + 0.15 * 2.1 / 3.4) * 3.4 * (6.0 / 7) / 2;
        assertThat(hold.pull()).isCloseTo(lift, within(0.01));
        // 250 psf on a pipe of 1 3/8 in, 2 ft deep: 180 lb.
        assertThat(hold.each() / 4.4482216).isCloseTo(250 * Math.PI * 1.375 / 12 * 2, within(0.1));
        assertThat(hold.stakes()).isEqualTo(16);
        assertThat(told(under(round(2.1), Fabric.BIRD_NET)).hold().pull()).isCloseTo(lift / 10, within(0.01));
    }

    @Test
    @DisplayName("boards 30 cm deep hold too little, four courses hold a foot by themselves")
    void boardsHoldWhatTheyHold() {
        WalkInTunnel strapped = strapped(round(2.1));
        double apart = 6.0 / 7;
        for (int courses : List.of(2, 4)) {
            double deep = courses * 0.15;
            double held = (0.5 * 12_000 * 0.5 * 0.3 * deep * deep + 450 * 9.80665 * deep * 0.038) * apart;
            Bed left = bed("Beans", 10, 11.1, 6, 1.2, 0, Optional.of(Gardens.cedar(Board.M38X150, courses)));
            Plan plan = with(plot(20, 20, List.of(), left), Put.of(strapped));
            boolean holds = held >= told(plan).hold().pull();
            assertThat(holds).isEqualTo(courses == 4);
            assertThat(told(plan).onBoards()).isEqualTo(8);
            assertThat(told(plan).hold().stakes()).isEqualTo(holds ? 8 : 16);
        }
    }

    @Test
    void aTunnelOfGluedBows() {
        WalkInTunnel glued =
                round(2.1).rising(BowForm.CIRCLE, Length.metres(2.1)).of(HoopPipe.STRIPS_45);
        GluedBow bow = told(glued).glued().orElseThrow();
        // 1.7 m less 22.5 mm inside, through 125: 13.4 mm; four strips of 11.25 mm.
        assertThat(bow.strips()).isEqualTo(4);
        List<BillLine> bill = CostStudy.of(with(rows(), Put.of(glued))).bill().lines();
        assertThat(count(bill, "hoop/coupling")).isZero();
        assertThat(count(bill, "hoop/clamp")).isEqualTo(bow.clamps());
        assertThat(count(bill, "hoop/glue")).isEqualTo((int) Math.ceil(8 * bow.glue() / 0.5));
        assertThat(bill).anyMatch(line -> line.item().key().startsWith("softwood/38x150"));
        assertThat(told(round(2.1)).glued()).isEmpty();
    }

    @Test
    @DisplayName("the sheet: its ends come out of what is cut off along the top, if they have room there")
    void sheet() {
        // A bow of 5.77 m wants 6.38 m: of rolls of 7, 8 and 10 m none leaves 2.4 m of a strip but that of 10 m.
        WalkInTunnel tunnel = round(1.8).rising(BowForm.CIRCLE, Length.metres(1.8));
        double over = Math.PI * 1.7 + 0.2 + 0.6096;
        TunnelSheet sheet = told(tunnel).sheet();
        assertThat(sheet.width().metres()).isCloseTo(over, within(1e-5));
        assertThat(sheet.length().metres()).isCloseTo(6.6096, within(1e-6));
        double least = Double.MAX_VALUE;
        for (double roll : new double[] {3, 4, 5, 6, 7, 8, 9, 10, 12, 14.5}) {
            for (double[] end : new double[][] {{4.0096, 2.4096}, {2.4096, 4.0096}}) {
                if (roll >= over) {
                    boolean strip = end[1] <= roll - over && 2 * end[0] <= 6.6096;
                    double more = strip ? 0 : 2 * end[0] <= roll ? end[1] : end[0] <= roll ? 2 * end[1] : 1e9;
                    least = Math.min(least, roll * (6.6096 + more));
                }
            }
        }
        assertThat(sheet.area().squareMetres()).isCloseTo(least, within(1e-3));
    }

    @Test
    void aLongTunnelHasItsEndsFromTheStrip() {
        WalkInTunnel tunnel = tunnel("Tunnel", 10, 10, 12, 3.4, 2.1, 2);
        assertThat(told(with(plot(20, 20, List.of()), Put.of(tunnel))).sheet().fromStrip())
                .isTrue();
    }

    @Test
    @DisplayName("a tunnel of 6 x 3.4 m counted on paper")
    void onTheBill() {
        WalkInTunnel tunnel = round(2.1).rising(BowForm.CIRCLE, Length.metres(2.1));
        List<BillLine> bill = CostStudy.of(with(rows(), Put.of(tunnel))).bill().lines();
        // Bows of 0.8 + 1.7 pi = 6.14 m: two sticks of 3 m and a rest of 0.14; 21 rests to a stick. Three lines of 6 m.
        assertThat(count(bill, "hoop/tube-35/3m")).isEqualTo(8 * 2 + 1 + 3 * 2);
        assertThat(count(bill, "hoop/coupling")).isEqualTo(8 * 2 + 3);
        assertThat(count(bill, "tunnel/clamp")).isEqualTo(24);
        assertThat(count(bill, "tunnel/stake")).isEqualTo(16);
        assertThat(count(bill, "cover/hinge")).isEqualTo(6);
        // Twice 6 m along the ground, and twice a bow.
        assertThat(count(bill, "tunnel/lath/metre")).isEqualTo(25);
    }

    private static int count(List<BillLine> bill, String item) {
        return bill.stream()
                .filter(line -> line.item().key().equals(item))
                .mapToInt(line -> line.quantity().intValueExact())
                .sum();
    }

    @Test
    void itsFilmTakesAShareOfTheSunOfItsBeds() {
        double open = growing(rows());
        double under = growing(with(rows(), Put.of(round(2.1))));
        assertThat(under / open).isCloseTo(1 - Fabric.FILM.shade(), within(0.02));
    }

    private static double growing(Plan plan) {
        return SunStudy.of(plan, SEASON).growing().beds().stream()
                .filter(bed -> bed.bed().equals(id("Beans")))
                .findFirst()
                .orElseThrow()
                .growing();
    }

    @ParameterizedTest
    @DisplayName("a new one stands round its beds, turned with them, and has no flaw")
    @ValueSource(doubles = {0, 90, 40})
    void anewRoundBeds(double turn) {
        Rectangle middle = new Rectangle(Point.metres(10, 10), Length.metres(6), Length.metres(3.4), turn);
        Point left = middle.at(0, 1.1);
        Point right = middle.at(0, -1.1);
        Plan plan = plot(
                20,
                20,
                List.of(),
                turned("Beans", left.x().metres(), left.y().metres(), 6, 1.2, turn),
                turned("Kale", right.x().metres(), right.y().metres(), 6, 1.2, turn));
        Put<WalkInTunnel> put =
                NewTunnels.over(plan, SEASON, List.of(id("Beans"), id("Kale")), id("Tunnel"), Memo.none());
        Plan after = with(plan, put);
        assertThat(put.thing().place().length().metres()).isCloseTo(6, within(1e-5));
        assertThat(put.thing().place().width().metres()).isCloseTo(3.4, within(1e-5));
        assertThat(told(after).beds()).hasSize(2);
        assertThat(snags(after)).isEmpty();
    }

    @Test
    void itsRidgeGoesAlongTheAisleThatLeadsThrough() {
        // 2.4 m along the aisle and 2.9 m across it.
        Plan plan = plot(20, 20, List.of(), bed("Beans", 10, 11, 2.4, 0.9), bed("Kale", 10, 9, 2.4, 0.9));
        Put<WalkInTunnel> put =
                NewTunnels.over(plan, SEASON, List.of(id("Beans"), id("Kale")), id("Tunnel"), Memo.none());
        assertThat(put.thing().place().length()).isEqualTo(Length.metres(2.4));
        assertThat(put.thing().place().width()).isEqualTo(Length.metres(2.9));
        assertThat(snags(with(plan, put))).isEmpty();
    }

    @Test
    void anewRoundOneBedHasAnAisleBesideIt() {
        Plan plan = plot(20, 20, List.of(), bed("Beans", 10, 10, 6, 1.2));
        Put<WalkInTunnel> put = NewTunnels.over(plan, SEASON, List.of(id("Beans")), id("Tunnel"), Memo.none());
        assertThat(put.thing().place().width()).isEqualTo(Length.metres(1.2 + 0.9 + 0.2));
        assertThat(snags(with(plan, put))).isEmpty();
    }

    @Test
    void anewOnFreeGroundAndBedsTooFarApart() {
        Plan plan = plot(40, 20, List.of(), bed("Beans", 4, 10, 2, 1.2), bed("Kale", 16, 2, 2, 1.2));
        Put<WalkInTunnel> put = NewTunnels.over(plan, SEASON, List.of(), id("Tunnel"), Memo.none());
        assertThat(snags(with(plan, put))).isEmpty();
        Plan small = plot(7, 4, List.of(), bed("Beans", 3.5, 2, 6, 1.2));
        assertThatThrownBy(() -> NewTunnels.over(small, SEASON, List.of(), id("Tunnel"), Memo.none()))
                .hasMessageContaining("no free ground of 6.00 m × 3.00 m");
        assertThatThrownBy(() -> NewTunnels.over(plan, SEASON, List.of(id("Beans"), id("Kale")), id("T"), Memo.none()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("14.00 m × 9.20 m");
    }

    /** A garden in feet: 40 x 40 ft with two beds of 20 x 4 ft and 3 ft between them. */
    private static Plan inFeet() {
        double feet = 0.3048;
        return with(
                plot(
                        40 * feet,
                        40 * feet,
                        List.of(),
                        bed("Beans", 20 * feet, 23.5 * feet, 20 * feet, 4 * feet),
                        bed("Kale", 20 * feet, 16.5 * feet, 20 * feet, 4 * feet)),
                new Change.DescribeGarden("Test garden", Units.FEET_AND_INCHES, MonthDay.of(1, 1)));
    }

    @Test
    void inFeetItRisesToTheFoot() {
        Put<WalkInTunnel> put =
                NewTunnels.over(inFeet(), SEASON, List.of(id("Beans"), id("Kale")), id("Tunnel"), Memo.none());
        assertThat(put.thing().rise()).isEqualTo(Length.feet(7));
        assertThat(put.thing().hip()).contains(Length.feet(3));
        assertThat(put.thing().place().width().metres())
                .isCloseTo(Length.feet(11).metres(), within(1e-5));
        assertThat(snags(with(inFeet(), put))).isEmpty();
    }

    @Test
    @DisplayName("77 in high: 6 1/2 ft of headroom and half a pipe of 1 3/8 in are 78.69 in, up to the next 1/4 in")
    void inFeetItIsRaisedByTheQuarterInch() {
        WalkInTunnel low = NewTunnels.over(
                        inFeet(), SEASON, List.of(id("Beans"), id("Kale")), id("Tunnel"), Memo.none())
                .thing()
                .rising(BowForm.SHOULDERED, Length.inches(77));
        Plan plan = with(inFeet(), Put.of(low));
        Snag snag = snags(plan).get(0);
        assertThat(snag.words()).contains("6′ 6″ are wanted");
        Plan after = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(after.list(TunnelKinds.TUNNELS).get(0).rise()).isEqualTo(Length.inches(78.75));
        assertThat(snags(after)).isEmpty();
    }

    @ParameterizedTest
    @DisplayName("its end closes a gate where nobody gets round it; with the door before the gate one walks in")
    @CsvSource({"1.1, true", "0, false"})
    void acrossAGate(double doorAside, boolean blocked) {
        // The end stands 0.2 m inside the gate of 0.9 m, whose middle is the tunnel's.
        Plan plan = with(
                rows(),
                Put.of(gardener("Ada", 0.6, 0.6)),
                Put.of(Gardens.gate("Gate", 0, 10, 0.9)),
                Put.of(tunnel("Tunnel", 3.2, 10, 6, 3.4).withDoorAside(Length.metres(doorAside))));
        assertThat(Appraisal.of(plan, SEASON).snags().stream().map(Snag::rule))
                .filteredOn(WalkRule.WAY_IN_BLOCKED::equals)
                .hasSize(blocked ? 1 : 0);
    }

    @Test
    void whatCantBeIsRefusedAtItsField() {
        assertThatThrownBy(() -> round(2.1).withDoorAside(Length.metres(1.16)))
                .isInstanceOf(RefusedException.class)
                .hasMessageStartingWith("doorAside");
        assertThat(round(2.1).withDoorAside(Length.metres(-1.15)).doorAside()).isEqualTo(Length.metres(-1.15));
        assertThatThrownBy(() -> round(1.2).rollingUp(Length.metres(1.2)))
                .isInstanceOf(RefusedException.class)
                .hasMessageStartingWith("hip");
        assertThatThrownBy(() -> under(round(2.1), Fabric.NONE)).isInstanceOf(RefusedException.class);
    }
}
