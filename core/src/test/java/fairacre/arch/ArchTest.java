package fairacre.arch;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.arch;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.hoop.StakesHold;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.shape.Memo;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ArchTest {

    private static final double FOOT = 0.3048;
    private static final List<Gardener> ADA = List.of(gardener("Ada", 0.6, 0.6));

    /** Two beds in the ground with so much between them, and an arch from edge to edge, all turned about the origin. */
    private static Plan spanned(double gap, double turn) {
        return with(
                plot(60, 60, ADA, turned("Beans", -1 - gap / 2, turn), turned("Kale", 1 + gap / 2, turn)),
                Put.of(arch(
                        "Arch",
                        30 - gap / 2 * cos(turn),
                        30 + gap / 2 * sin(turn),
                        30 + gap / 2 * cos(turn),
                        30 - gap / 2 * sin(turn))));
    }

    private static Bed turned(String name, double along, double turn) {
        return bed(name, 30 + along * cos(turn), 30 - along * sin(turn), 2, 3, turn, Optional.empty());
    }

    /** Turns go clockwise. */
    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    private static double sin(double degrees) {
        return Math.sin(Math.toRadians(degrees));
    }

    private static ArchTold told(Plan plan) {
        return ArchStudy.of(plan, SEASON, plan.standing(SEASON)).told().get(0);
    }

    private static List<Snag> snags(Plan plan) {
        return snags(plan, SEASON);
    }

    private static List<Snag> snags(Plan plan, int season) {
        return Appraisal.of(plan, season).snags().stream()
                .filter(snag -> snag.rule() instanceof ArchRule)
                .toList();
    }

    private static void allCure(Plan plan, Snag snag) {
        assertThat(snag.remedies())
                .isNotEmpty()
                .allSatisfy(
                        remedy -> assertThat(snags(plan.apply(remedy.change()).orThrow()))
                                .as(remedy.words())
                                .isEmpty());
    }

    @ParameterizedTest
    @DisplayName("Trade figures: a panel of 16 ft over 5 ft leaves 6.57 ft, over 6 ft 6.29 ft, which is too low")
    @CsvSource({"5, 6.57, 0, 0", "5, 6.57, 37.5, 0", "6, 6.29, 0, 1", "6, 6.29, -12.3, 1"})
    void thePanelOfSixteenFeet(double gap, double headroom, double turn, int low) {
        Plan plan = spanned(gap * FOOT, turn);
        ArchTold told = told(plan);
        assertThat(told.headroom().orElseThrow().metres()).isCloseTo(headroom * FOOT, within(0.005 * FOOT));
        assertThat(told.beds()).containsExactlyInAnyOrder(id("Beans"), id("Kale"));
        List<Snag> snags = snags(plan);
        assertThat(snags)
                .extracting(Snag::rule)
                .containsExactlyElementsOf(low == 0 ? List.of() : List.of(ArchRule.ARCH_TOO_LOW));
        snags.forEach(snag -> allCure(plan, snag));
    }

    @ParameterizedTest
    @DisplayName("Closed form: legs and half a circle leave 6 1/2 ft up to a span of 2 (16 - 13) / (pi - 2) ft")
    @ValueSource(ints = {-5, 0, 5})
    void theWidestSpanIsFound(int micrometres) {
        double widest = 2 * (16 - 13) / (Math.PI - 2) * FOOT;
        Plan plan = spanned(widest + micrometres * 1e-6, 0);
        assertThat(told(plan).widest().orElseThrow().metres()).isCloseTo(widest, within(2e-6));
        if (micrometres != 0) {
            assertThat(snags(plan)).hasSize(micrometres > 0 ? 1 : 0);
        }
    }

    @Test
    @DisplayName(
            "2010 ADA Standards 308.3.1: who sits reaches 48 in high; on straight legs that is so much of the panel")
    void whoSitsPicksUpToFourFeet() {
        Plan standing = plot(20, 20, ADA, bed("Beans", 8, 10, 2, 3), bed("Kale", 11.5, 10, 2, 3));
        Put<Arch> arch = Put.of(arch("Arch", 8.98, 10, 8.98 + 5 * FOOT, 10));
        assertThat(told(with(standing, arch)).picked()).isEmpty();
        // 16 ft over 5 ft stand on legs of 4.07 ft.
        Plan sitting = with(standing, Put.of(seated("Ines", 0.5, 0.9)), arch);
        assertThat(told(sitting).picked().orElseThrow().inches()).isCloseTo(48, within(1e-3));
    }

    @Test
    @DisplayName(
            "From the soil of a raised box it leaves as much more as the soil is high, to an inch below the boards")
    void raisedSoilAddsHeadroom() {
        Plan raised = with(
                plot(
                        20,
                        20,
                        ADA,
                        bed("Beans", 8, 10, 2, 3, 0, Optional.of(cedar(Board.B2X10, 2))),
                        bed("Kale", 12, 10, 2, 3, 0, Optional.of(cedar(Board.B2X10, 1)))),
                Put.of(arch("Arch", 8.9, 10, 11.1, 10)));
        ArchTold told = told(raised);
        assertThat(told.headroom().orElseThrow())
                .isEqualTo(told.rise().orElseThrow().plus(Board.B2X10.width()).minus(Length.inches(1)));
    }

    @Test
    void theTallestGardenerDecides() {
        Plan plan = spanned(5 * FOOT, 0);
        assertThat(snags(plan)).isEmpty();
        Gardener tall = new Gardener(
                id("Till"),
                "Till",
                Length.metres(0.6),
                Posture.STANDING,
                Length.metres(0.6),
                Optional.of(Length.metres(2.05)));
        Plan low = with(plan, Put.of(tall));
        assertThat(snags(low).get(0).words()).contains("Till stands 2.05 m tall");
        allCure(low, snags(low).get(0));
    }

    @ParameterizedTest
    @DisplayName("A foot stands in soil as far as its end: at the boards, and 10 micrometres over")
    @CsvSource({"10.865, 0", "10.86501, 1", "9.135, 0", "9.13499, 1"})
    void bothFeetStandInSoil(double y, int snags) {
        // The beds are 3 m wide: from y = 8.5 to 11.5. A foot of 50 in reaches 0.635 m to either side.
        Plan plan = with(
                plot(20, 20, ADA, bed("Beans", 8, 10, 2, 3), bed("Kale", 11.4, 10, 2, 3)),
                Put.of(arch("Arch", 8.95, y, 10.45, y)));
        List<Snag> found = snags(plan);
        assertThat(found).hasSize(snags);
        found.forEach(snag -> {
            assertThat(snag.rule()).isEqualTo(ArchRule.ARCH_OFF_SOIL);
            assertThat(snag.remedies()).extracting(Remedy::words).first().isEqualTo("Put it between Beans and Kale");
            allCure(plan, snag);
        });
    }

    @Test
    @DisplayName("Boards are no soil: a foot on them stands outside")
    void boardsAreNoSoil() {
        Bed box = bed("Beans", 8, 10, 2, 3, 0, Optional.of(cedar(Board.B2X10, 1)));
        double inside = 9 - Length.inches(1.5).metres();
        Plan in = with(plot(20, 20, ADA, box), Put.of(arch("Arch", inside, 10, inside + 1, 10)));
        assertThat(told(in).beds()).containsExactly(id("Beans"));
        Plan on = with(plot(20, 20, ADA, box), Put.of(arch("Arch", inside + 1e-5, 10, inside + 1, 10)));
        assertThat(told(on).beds()).isEmpty();
    }

    @Test
    void bedsOfDifferentSeasonsLeaveAFootInTheAir() {
        Bed kale = bed("Kale", 11.4, 10, 2, 3);
        Bed later = new Bed(
                kale.id(),
                kale.name(),
                kale.revisions().stream().map(r -> r.startingIn(SEASON + 2)).toList(),
                Optional.empty());
        Plan plan = with(
                plot(20, 20, ADA, bed("Beans", 8, 10, 2, 3)),
                new Change.PlaceBed(later),
                Put.of(arch("Arch", 8.95, 10, 10.45, 10)));
        assertThat(snags(plan).get(0).words())
                .isEqualTo("In 2027 a foot of Arch, 1.27 m wide, stands outside the soil of Beans and of every other"
                        + " bed.");
        assertThat(snags(plan, SEASON + 2)).isEmpty();
    }

    @Test
    void aPanelIsLongerThanItsFeetAreApart() {
        Plan plan = spanned(4.9, 0);
        Snag snag = snags(plan).get(0);
        assertThat(snag.rule()).isEqualTo(ArchRule.ARCH_TOO_SHORT);
        assertThat(told(plan).rise()).isEmpty();
        allCure(plan, snag);
    }

    @Test
    void overOneBedNobodyWalks() {
        Plan plan = with(plot(20, 20, ADA, bed("Beans", 10, 10, 6, 3)), Put.of(arch("Arch", 8, 10, 12, 10)));
        assertThat(told(plan).headroom()).isEmpty();
        assertThat(snags(plan)).isEmpty();
    }

    @Test
    @DisplayName("Between beds that face each other, however they are turned, but not past another bed or a corner")
    void itTellsWhereAnArchCouldStand() {
        Plan plan = plot(
                30,
                30,
                ADA,
                bed("A", 5, 5, 2, 3),
                bed("B", 8.2, 5, 2, 3),
                bed("C", 11.4, 5, 2, 3),
                bed("D", 14.6, 8, 2, 3),
                bed("E", 5, 20, 2, 1.2));
        List<NewArches.ArchProposal> proposals = NewArches.in(plan, SEASON, () -> id("new"));
        assertThat(proposals)
                .extracting(NewArches.ArchProposal::beds)
                .containsExactlyInAnyOrder(List.of(id("A"), id("B")), List.of(id("B"), id("C")));
        proposals.forEach(proposal -> {
            Plan after = plan.apply(proposal.change()).orThrow();
            assertThat(snags(after)).isEmpty();
            assertThat(proposal.high()).isTrue();
            // 1.2 m between the beds and two inches at either end.
            assertThat(proposal.span().metres()).isCloseTo(1.2 + 4 * 0.0254, within(2e-6));
        });
        Plan aslant = plot(30, 30, ADA, turned("A", -1.6, 33), turned("B", 1.6, 33), turned("C", 4.8, 34));
        assertThat(NewArches.in(aslant, SEASON, () -> id("new")))
                .extracting(NewArches.ArchProposal::beds)
                .containsExactly(List.of(id("A"), id("B")));
    }

    @ParameterizedTest
    @DisplayName("Beds with 0.3 to 6 m between the feet, and a hair less and more")
    @CsvSource({"0.1984, 1", "0.1983, 0", "4.75, 1", "4.8, 0", "7, 0"})
    void bedsNeitherTooNearNorTooFar(double gap, int places) {
        Plan plan = plot(30, 30, ADA, bed("A", 5, 5, 2, 3), bed("B", 7 + gap, 5, 2, 3));
        // A usual panel is 4.8768 m long.
        assertThat(NewArches.in(plan, SEASON, () -> id("new"))).hasSize(places);
        Plan far = with(plan, Put.of(arch("Arch", 20, 20, 21.2, 20).withPanel(Length.metres(12))));
        assertThat(snags(far).get(0).remedies()).isNotEmpty();
    }

    @Test
    @DisplayName("Counted by hand: a panel of 16 ft x 50 in and four stakes, once in fifteen seasons")
    void anArchIsCounted() {
        Plan plan = spanned(5 * FOOT, 0);
        assertThat(Takeoff.of(plan, Memo.none()).sold())
                .filteredOn(sold -> sold.line().part() == BillPart.STRUCTURES)
                .extracting(sold -> sold.line().item().key() + " " + Math.round(sold.units(plan.units()) * 100) / 100.0)
                .containsExactlyInAnyOrder("arch/panel/square-metre 6.19", "arch/stake 4.0");
    }

    @Test
    void whatCantBeIsRefused() {
        Stream.of(0.299, 6.001)
                .forEach(span -> assertThatThrownBy(() -> arch("Arch", 5, 5, 5 + span, 5))
                        .isInstanceOf(RefusedException.class)
                        .hasMessageContaining("apart"));
        assertThat(arch("Arch", 5, 5, 5.3, 5).span()).isEqualTo(Length.metres(0.3));
        assertThat(Gardens.arch("Arch", 5, 5, 11, 5).span()).isEqualTo(Length.metres(6));
    }

    @Test
    @DisplayName("an arch of 5 ft over legs and half a circle in full leaf in a gale, worked by hand")
    void stakesHoldItInAGale() {
        ArchTold told = told(spanned(5 * FOOT, 0));
        StakesHold hold = told.hold().orElseThrow();
        double pressure = 0.613 * 17.2 * 17.2;
        double rise = told.rise().orElseThrow().metres();
        double width = 50 * 0.0254;
        double tipping = pressure * 1.3 * 0.5 * width * rise * (rise / 2) / (5 * FOOT);
        double lift = pressure * 0.5 * (0.655 + 0.15 * rise / (5 * FOOT)) * 5 * FOOT * width / 2;
        assertThat(hold.pull()).isCloseTo(tipping + lift - told.kilograms() * 9.80665 / 2, within(0.5));
        // 250 psf on a bar of 5/8 in, 2 ft deep: 82 lb.
        assertThat(hold.each() / 4.4482216).isCloseTo(250 * Math.PI * 0.625 / 12 * 2, within(0.1));
        assertThat(hold.stakes()).isEqualTo(4);
        // One that is tall and slim wants more than a stake at each end of its feet, and has them on the bill.
        ArchTold slim = told(spanned(1.2 * FOOT, 0));
        StakesHold more = slim.hold().orElseThrow();
        assertThat(more.pull()).isGreaterThan(2 * more.each());
        assertThat(more.stakes()).isEqualTo(2 * (int) Math.ceil(more.pull() / more.each()));
    }

    @ParameterizedTest
    @DisplayName("ground that falls across the walk: headroom is told above the walk, from the lower bed")
    @CsvSource({"0, 0", "0.1, 0.07"})
    void onFallingGround(double slope, double lower) {
        // Feet stand 0.7 m to either side of the middle: so much lower is the ground at the one downhill.
        Plan level = spanned(1.4, 0);
        Plan falling = with(
                level,
                new GroundChange.SetSite(new Site(
                        level.site().corners(),
                        List.of(),
                        0,
                        50,
                        Optional.empty(),
                        false,
                        List.of(
                                Gardens.height(0, 0, 0),
                                Gardens.height(60, 0, -60 * slope),
                                Gardens.height(0, 60, 0),
                                Gardens.height(60, 60, -60 * slope)),
                        SoilNotes.NOTHING_KNOWN)));
        assertThat(told(falling).headroom().orElseThrow().metres())
                .isCloseTo(told(level).headroom().orElseThrow().metres() - lower, within(1e-5));
    }

    @ParameterizedTest
    @DisplayName("a fence below it: as high as the panel there is free, a millimetre more is not; turned as well")
    @CsvSource({"0, 0, 0", "0.001, 0, 1", "0, 33, 0", "0.001, 33, 1"})
    void overAFence(double higher, double turn, int count) {
        Plan plan = spanned(5 * FOOT, turn);
        double rise = told(plan).rise().orElseThrow().metres();
        // Half a circle on legs: 5 cm beside the middle it has fallen by R - sqrt(R² - 0.05²).
        double radius = 2.5 * FOOT;
        double high = rise - radius + Math.sqrt(radius * radius - 0.05 * 0.05);
        double dx = Math.sin(Math.toRadians(turn));
        double dy = Math.cos(Math.toRadians(turn));
        Plan fenced = with(
                plan,
                Put.of(Gardens.feature(
                                "Fence", FeatureKind.WALL, 0.1, 0, 30 - 3 * dx, 30 - 3 * dy, 30 + 3 * dx, 30 + 3 * dy)
                        .withHeight(Length.metres(Math.floor((high + higher) * 1e5) / 1e5))));
        List<Snag> snags = snags(fenced);
        assertThat(snags).hasSize(count);
        snags.forEach(snag -> {
            assertThat(snag.rule()).isEqualTo(ArchRule.ARCH_BLOCKED);
            assertThat(snag.words()).isEqualTo("Arch runs through Fence.");
        });
        // What has no height is taken to be higher.
        assertThat(snags(with(plan, Put.of(Gardens.feature("Pear", FeatureKind.TREE, 0.2, 1, 30, 30)))))
                .hasSize(1);
    }
}
