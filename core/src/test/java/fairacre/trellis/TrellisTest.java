package fairacre.trellis;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.trellis;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillPart;
import fairacre.fence.PostKind;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.GroundChange;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.reach.ReachRule;
import fairacre.shape.Memo;
import fairacre.takeoff.Sold;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import fairacre.walk.WalkRule;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TrellisTest {

    private static final double FOOT = 0.3048;

    /** A bed in the ground of 4 x 1 m in the middle of the plot, and a trellis. */
    private static Plan garden(Trellis trellis) {
        return with(plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1)), Put.of(trellis));
    }

    private static TrellisTold told(Plan plan) {
        return TrellisStudy.of(plan, SEASON, plan.standing(SEASON)).told().get(0);
    }

    private static TrellisTold told(Trellis trellis) {
        return told(garden(trellis));
    }

    private static List<Snag> snags(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() instanceof TrellisRule)
                .toList();
    }

    private static Trellis blown(Trellis trellis, PostKind posts, TrellisWind wind, double apart) {
        return new Trellis(
                trellis.id(),
                trellis.name(),
                trellis.places(),
                trellis.kind(),
                trellis.height(),
                trellis.base(),
                Length.metres(apart),
                posts,
                wind,
                trellis.lifetime());
    }

    @ParameterizedTest
    @CsvSource({"1.8, 1.8, 2", "1.80001, 1.8, 3", "3.6, 1.8, 3", "3.7, 1.8, 4", "0.4, 1.8, 2"})
    @DisplayName("posts stand at the ends and evenly between, no further apart than they may")
    void posts(double length, double apart, int count) {
        Trellis trellis = trellis("Net", 8.5, 10, 8.5 + length, 10);
        TrellisTold told = told(blown(trellis, PostKind.DRIVEN_STEEL, TrellisWind.SHELTERED, apart));
        assertThat(told.marks()).hasSize(count);
        assertThat(told.posts().orElseThrow().count()).isEqualTo(count);
        assertThat(told.posts().orElseThrow().span().metres()).isCloseTo(length / (count - 1), within(1e-5));
    }

    @Test
    void aPostStandsAtEachCorner() {
        TrellisTold told = told(trellis("Net", 8.5, 10, 9.5, 10, 9.5, 10.4));
        assertThat(told.marks()).containsExactly(Length.ZERO, Length.metres(1), Length.metres(1.4));
    }

    @ParameterizedTest
    @DisplayName("ASCE 7: q = 0.00256 V^2 psf, V in mph; 1.3 times it on the half that leaves close, at mid height")
    @EnumSource(TrellisWind.class)
    void wind(TrellisWind wind) {
        double milesAnHour = wind.speed() / 0.44704;
        double pascals = 0.00256 * milesAnHour * milesAnHour * 47.88026;
        TrellisTold.PostsTold posts = told(blown(
                        trellis("Net", TrellisKind.PANEL, 2, 8.1, 10, 11.9, 10), PostKind.WOOD_IN_GRAVEL, wind, 2))
                .posts()
                .orElseThrow();
        double force = pascals * 1.3 * 0.5 * 2 * 1.9;
        assertThat(posts.push()).isCloseTo(force, within(0.005 * force));
        // A 4 x 4 has a section modulus of 7.146 in3 (NDS supplement, table 1B, from memory) and bears 4.8 MPa.
        double modulus = 7.146 * Math.pow(0.0254, 3);
        assertThat(posts.used()).isCloseTo(force * 1 / modulus / 4.8e6, within(0.01));
    }

    @Test
    @DisplayName("the winds are the least of the Beaufort forces 7, 8 and 10: 28, 34 and 48 knots")
    void beaufort() {
        assertThat(TrellisWind.SHELTERED.speed() / 0.514444).isCloseTo(27.5, within(0.6));
        assertThat(TrellisWind.OPEN.speed() / 0.514444).isCloseTo(33.5, within(0.6));
        assertThat(TrellisWind.EXPOSED.speed() / 0.514444).isCloseTo(47.5, within(0.6));
    }

    @Test
    @DisplayName("where posts bend, the widest spacing and the greatest height that hold are found; wood holds too")
    void weakPosts() {
        Trellis weak = blown(
                trellis("Net", TrellisKind.PANEL, 2.4, 8.1, 10, 11.9, 10),
                PostKind.DRIVEN_STEEL,
                TrellisWind.OPEN,
                2.4);
        Snag snag = snags(garden(weak)).get(0);
        assertThat(snag.rule()).isEqualTo(TrellisRule.TRELLIS_POST_WEAK);
        assertThat(snag.remedies()).hasSizeGreaterThanOrEqualTo(2);
        snag.remedies().forEach(remedy -> {
            Plan cured = garden(weak).apply(remedy.change()).orThrow();
            assertThat(snags(cured)).as(remedy.words()).isEmpty();
            Trellis after = cured.list(TrellisKinds.TRELLISES).get(0);
            double used = told(after).posts().orElseThrow().used();
            assertThat(used).isLessThanOrEqualTo(1);
            if (!after.height().equals(weak.height())) {
                Trellis higher = after.high(after.height().plus(Length.metres(0.03)));
                assertThat(told(higher).posts().orElseThrow().used()).isGreaterThan(1);
            } else if (!after.apart().equals(weak.apart())) {
                // One post fewer would not do.
                Trellis wider = after.spaced(
                        Length.metres(3.8 / (told(after).posts().orElseThrow().count() - 2) + 1e-4));
                assertThat(told(wider).posts().orElseThrow().used()).isGreaterThan(1);
            }
        });
    }

    @Test
    void whatStandsOnNoPostsOrOnThoseThatAreThereIsNotHeldAgainstTheWind() {
        for (TrellisKind kind : List.of(TrellisKind.A_FRAME, TrellisKind.STAKES, TrellisKind.TEEPEE)) {
            assertThat(told(trellis("Net", kind, 1.5, 8.5, 10, 11.5, 10)).posts())
                    .isEmpty();
        }
        Trellis hung = blown(trellis("Net", 8.5, 10, 11.5, 10), PostKind.EXISTING, TrellisWind.EXPOSED, 3);
        assertThat(told(hung).posts()).isEmpty();
        assertThat(snags(garden(hung))).isEmpty();
    }

    @ParameterizedTest
    @DisplayName(
            "it belongs to a bed whose soil is within a foot, exactly or a hair less, in feet and in metres, turned")
    @CsvSource({"0, 0, 0", "-1e-5, 0, 0", "1e-4, 0, 1", "0, 37, 0", "1e-4, 37, 1", "-1e-4, 37, 0"})
    void besideSoil(double off, double turn, int count) {
        double away = 0.5 + FOOT + off;
        double cos = Math.cos(Math.toRadians(turn));
        double sin = Math.sin(Math.toRadians(turn));
        Trellis trellis = trellis(
                "Net", 10 - cos + away * sin, 10 + sin + away * cos, 10 + cos + away * sin, 10 - sin + away * cos);
        for (Units units : Units.values()) {
            Plan plan = with(
                    plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1, turn, Optional.empty())),
                    Put.of(trellis),
                    new Change.DescribeGarden("Garden", units));
            List<Snag> snags = snags(plan);
            assertThat(snags).hasSize(count);
            assertThat(told(plan).beds()).hasSize(1 - count);
            snags.forEach(snag -> assertThat(snag.remedies())
                    .hasSizeGreaterThan(1)
                    .allSatisfy(remedy -> assertThat(
                                    snags(plan.apply(remedy.change()).orThrow()))
                            .as(remedy.words())
                            .isEmpty()));
        }
    }

    @Test
    @DisplayName("at least half of it has to have soil beside it")
    void halfBesideSoil() {
        double edge = 12 + FOOT;
        assertThat(snags(garden(trellis("Net", edge - 1.01, 10, edge + 0.99, 10))))
                .isEmpty();
        assertThat(snags(garden(trellis("Net", edge - 0.99, 10, edge + 1.01, 10))))
                .hasSize(1);
    }

    @Test
    @DisplayName("leaning sides by Pythagoras, canes by the circle: 3-4-5")
    void leaning() {
        Trellis frame = trellis("Frame", TrellisKind.A_FRAME, 1.2, 9, 10, 11, 10);
        Trellis wide = new Trellis(
                frame.id(),
                "Frame",
                frame.places(),
                TrellisKind.A_FRAME,
                Length.metres(1.2),
                Length.metres(1.8),
                frame.apart(),
                frame.posts(),
                frame.wind(),
                frame.lifetime());
        assertThat(told(wide).piece()).contains(Length.metres(1.5));
        assertThat(told(wide).covered().squareMetres()).isCloseTo(2 * 2 * 1.5, within(1e-4));
        TrellisTold teepees = told(trellis("Teepee", TrellisKind.TEEPEE, 1.2, 9, 10, 10.9, 10));
        assertThat(teepees.marks())
                .hasSize(2)
                .first()
                .satisfies(first -> assertThat(first.metres()).isCloseTo(0.5, within(1e-6)));
        // Round 0.9 m every foot: 9.3.
        assertThat(teepees.canes()).isEqualTo(9);
        assertThat(teepees.piece().orElseThrow().metres()).isCloseTo(Math.hypot(1.2, 0.45) + FOOT, within(1e-6));
    }

    @ParameterizedTest
    @DisplayName("canes of 8 ft, or 2.4 m, are the longest: the highest teepee is found")
    @ValueSource(doubles = {-1e-4, 1e-4})
    void canes(double off) {
        double highest = Math.sqrt(Math.pow(2.4 - FOOT, 2) - 0.45 * 0.45);
        Plan plan = garden(trellis("Teepee", TrellisKind.TEEPEE, highest + off, 9, 10, 10.9, 10));
        List<Snag> snags = snags(plan);
        assertThat(snags).hasSize(off > 0 ? 1 : 0);
        snags.forEach(snag -> assertThat(
                        snags(plan.apply(snag.remedies().get(0).change()).orThrow()))
                .isEmpty());
    }

    @Test
    @DisplayName("stakes of two meshes are six across a panel of 50 in; two of 2.3 m along its 16 ft: 12 to a panel")
    void stakes() {
        TrellisTold told = told(trellis("Stakes", TrellisKind.STAKES, 2, 8.2, 10, 11.8, 10));
        assertThat(told.marks()).hasSize(7);
        assertThat(told.covered().squareFeet()).isCloseTo(16 * 50 / 12.0, within(0.01));
        TrellisTold many = told(blown(
                trellis("Stakes", TrellisKind.STAKES, 2, 8.2, 10, 11.8, 10),
                PostKind.DRIVEN_STEEL,
                TrellisWind.SHELTERED,
                0.3));
        assertThat(many.marks()).hasSize(13);
        assertThat(many.covered().squareFeet()).isCloseTo(2 * 16 * 50 / 12.0, within(0.01));
    }

    @Test
    @DisplayName("one row of panels up to 50 in above 2 ft, a second above that")
    void rows() {
        double most = (2 + 50 / 12.0) * FOOT;
        assertThat(told(trellis("Net", TrellisKind.PANEL, most, 9, 10, 11, 10)).rows())
                .isEqualTo(1);
        assertThat(told(trellis("Net", TrellisKind.PANEL, most + 0.001, 9, 10, 11, 10))
                        .rows())
                .isEqualTo(2);
    }

    @Test
    @DisplayName("bought in its season and again when it is worn out: a net after 3 seasons, its posts later")
    void takenOff() {
        Trellis net = trellis("Net", 8.2, 10, 11.8, 10);
        Trellis sevenSeasons = new Trellis(
                net.id(),
                "Net",
                net.places(),
                net.kind(),
                net.height(),
                net.base(),
                net.apart(),
                net.posts(),
                net.wind(),
                new Lifetime(Optional.of(SEASON), Optional.of(SEASON + 7)));
        List<Sold> sold =
                List.copyOf(Takeoff.of(garden(sevenSeasons), Memo.none()).sold());
        assertThat(sold)
                .allSatisfy(each -> assertThat(each.line().part()).isEqualTo(BillPart.STRUCTURES))
                .extracting(each -> each.line().season() - SEASON + " "
                        + each.line().item().key() + " " + Math.round(100 * each.units(Units.METRIC)) / 100.0)
                .containsExactlyInAnyOrder(
                        "0 trellis/net/square-metre 7.2",
                        "3 trellis/net/square-metre 7.2",
                        "6 trellis/net/square-metre 7.2",
                        "0 fence/steel-post/3600mm 3.0");
    }

    @ParameterizedTest
    @DisplayName("the side away from the noon sun takes least, on either half of the earth and with north turned")
    @CsvSource({"50, 0, north", "-40, 0, south", "50, 180, north"})
    void bestSide(double latitude, double north, String side) {
        Plan plan =
                plot(14, 14, List.of(), bed("Beans", 7, 7, 4, 1), bed("Kale", 7, 5, 4, 1), bed("Leeks", 7, 9, 4, 1));
        Plan turned = with(plan, new GroundChange.SetSite(new Site(plan.site().corners(), north, latitude)));
        List<NewTrellises.TrellisProposal> proposals =
                NewTrellises.on(turned, SEASON, id("Beans"), Memo.none(), UUID::randomUUID);
        assertThat(proposals).hasSize(4).isSortedAccordingTo((a, b) -> Double.compare(a.hours(), b.hours()));
        List<NewTrellises.TrellisProposal> along =
                proposals.stream().filter(each -> each.length().metres() > 2).toList();
        assertThat(along).first().satisfies(first -> assertThat(first.side()).isEqualTo(side));
        assertThat(along.get(0).hours()).isLessThan(along.get(1).hours() - 0.5);
        proposals.forEach(each -> {
            Plan put = turned.apply(each.change()).orThrow();
            assertThat(told(put).beds()).contains(id("Beans"));
            assertThat(snags(put)).isEmpty();
        });
    }

    @Test
    void ofABedThatIsNotThereNothingIsProposed() {
        Plan plan = garden(trellis("Net", 9, 10, 11, 10));
        assertThatThrownBy(() -> NewTrellises.on(plan, SEASON - 1, id("Beans"), Memo.none(), UUID::randomUUID))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("there is no such bed");
    }

    @Test
    @DisplayName("nobody reaches through it: along one side of a bed that is reached from both, it closes that side")
    void itClosesTheSide() {
        Plan open = plot(20, 20, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 10, 10, 4, 1.2));
        Plan closed = with(open, Put.of(trellis("Net", 8, 10.6, 12, 10.6)));
        assertThat(Appraisal.of(open, SEASON).snags()).extracting(Snag::rule).doesNotContain(ReachRule.REACH_NOBODY);
        Snag snag = Appraisal.of(closed, SEASON).snags().stream()
                .filter(each -> each.rule() == ReachRule.REACH_NOBODY)
                .findFirst()
                .orElseThrow();
        assertThat(snag.remedies())
                .anySatisfy(remedy -> assertThat(remedy.words()).startsWith("Take Net down"));
    }

    @Test
    void whatCanNotStandIsRefused() {
        assertThatThrownBy(() -> trellis("Net", 9, 10, 9.29, 10)).hasMessageContaining("shorter than");
        assertThatThrownBy(() -> trellis("Net", 9, 10)).hasMessageContaining("one place");
        assertThatThrownBy(() -> trellis("Net", 9, 10, 11, 10, 11, 11, 10, 9)).hasMessageContaining("crosses");
        assertThatThrownBy(() -> trellis("Net", TrellisKind.PANEL, 3.01, 9, 10, 11, 10))
                .isInstanceOf(RefusedException.class);
        Trellis net = trellis("Net", 9, 10, 11, 10);
        assertThatThrownBy(() -> blown(net, PostKind.CANES, TrellisWind.OPEN, 1))
                .hasMessageContaining("canes");
        assertThat(new Trellis(
                                net.id(),
                                "Net",
                                List.of(Point.metres(0, 0), Point.metres(0.3, 0)),
                                TrellisKind.WIRES,
                                Length.metres(0.3),
                                Length.metres(3),
                                Length.metres(6),
                                null,
                                null,
                                null)
                        .lifetime())
                .isEqualTo(Lifetime.ALWAYS);
    }

    @Test
    @DisplayName("weights: a steel tube of 38 x 2.9 mm weighs 2.51 kg a metre (EN 10219-2 tables, from memory)")
    void weights() {
        Trellis net = trellis("Net", 8.2, 10, 11.8, 10);
        TrellisTold told = told(net);
        double posts = 3 * 2.51 * (2 + told.posts().orElseThrow().depth().metres());
        assertThat(told.kilograms()).isCloseTo(posts + 3.6 * 2 * 0.1, within(0.1));
    }

    @ParameterizedTest
    @DisplayName(
            "before a gate: behind half its thickness of 25 mm somebody of 0.6 m gets through a gap of 0.605, not of 0.595")
    @CsvSource({"0.62, true", "0.63, false", "1.5, false"})
    void beforeAGate(double off, boolean blocked) {
        Plan plan = with(
                plot(20, 20, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 12, 10, 2, 1)),
                Put.of(Gardens.gate("Gate", 0, 10, 0.9)),
                Put.of(trellis("Net", off, 7, off, 13)));
        assertThat(Appraisal.of(plan, SEASON).snags().stream().map(Snag::rule))
                .filteredOn(WalkRule.WAY_IN_BLOCKED::equals)
                .hasSize(blocked ? 1 : 0);
    }

    private static final Trellis NET = trellis("Net", 8, 10, 12, 10);

    private static Plan climbed(Trellis trellis, String crop) {
        return with(garden(trellis), Put.of(Gardens.planting("Climbers", crop, "Beans", "2027-05-15", "2027-09-30")));
    }

    private static List<Snag> overloads(Plan plan) {
        return snags(plan).stream()
                .filter(snag -> snag.rule() == TrellisRule.TRELLIS_OVERLOADED)
                .toList();
    }

    @Test
    @DisplayName("24 kg of tomatoes on 4 m sag by a twentieth of 1.33 m: 196 N by a parabola, 197 N by a catenary")
    void fullCropPulls() {
        TrellisTold.CropTold crop = told(climbed(NET, "tomato")).crop();
        assertThat(crop.kilograms()).isCloseTo(4 * 6, within(1e-6));
        double load = 24 * 9.80665 / 4;
        double span = 4 / 3.0;
        double pull = crop.end().orElseThrow().pull();
        assertThat(pull).isCloseTo(load * span * span / (8 * span / 20), within(0.01));
        assertThat(pull).isCloseTo(load * catenary(span, span / 20), within(0.01 * pull));
        // Of a tube 38 mm wide with a wall of 2.9 mm: section modulus pi (D^4 - d^4) / 32 D; 0.6 of 235 MPa.
        double modulus = Math.PI * (Math.pow(0.038, 4) - Math.pow(0.0322, 4)) / (32 * 0.038);
        assertThat(crop.end().orElseThrow().used()).isCloseTo(pull * 2 / modulus / 141e6, within(1e-3));
    }

    /** Horizontal tension over load of a chain of a span that hangs down by so much, metres. */
    private static double catenary(double span, double sag) {
        double low = span / 10;
        double high = span * 10;
        for (int i = 0; i < 100; i++) {
            double tension = (low + high) / 2;
            boolean sagsLess = tension * (Math.cosh(span / 2 / tension) - 1) < sag;
            low = sagsLess ? low : tension;
            high = sagsLess ? tension : high;
        }
        return low;
    }

    @Test
    @DisplayName("wires pull at their mean height: of 4 in 2 m that is 1.25 m")
    void wiresPullLower() {
        Trellis wires = trellis("Wires", TrellisKind.WIRES, 2, 8, 10, 12, 10);
        double net = told(climbed(NET.spaced(Length.metres(2)), "tomato"))
                .crop()
                .end()
                .orElseThrow()
                .used();
        TrellisTold.EndTold end = told(climbed(wires, "tomato")).crop().end().orElseThrow();
        assertThat(end.used()).isCloseTo(net * 1.25 / 2, within(1e-6));
    }

    @Test
    void whatHangsOnItIsWhatClimbsAtOneTime() {
        assertThat(told(NET).crop()).isEqualTo(new TrellisTold.CropTold(0, Optional.empty()));
        assertThat(told(climbed(NET, "lettuce")).crop().kilograms()).isZero();
        Plan peasFirst = with(
                climbed(NET, "tomato"),
                Put.of(Gardens.planting("Peas", "snap-pea", "Beans", "2027-03-10", "2027-05-15")));
        assertThat(told(peasFirst).crop().kilograms()).isCloseTo(24, within(1e-6));
        Plan together = with(
                climbed(NET, "tomato"),
                Put.of(Gardens.planting("Peas", "snap-pea", "Beans", "2027-03-10", "2027-05-16")));
        assertThat(told(together).crop().kilograms()).isCloseTo(24 + 4 * 1.2, within(1e-6));
        Plan shared = with(climbed(NET, "tomato"), Put.of(trellis("Short", 8, 10.2, 10, 10.2)));
        assertThat(TrellisStudy.of(shared, SEASON, shared.standing(SEASON)).told())
                .extracting(told -> told.crop().kilograms())
                .containsExactlyInAnyOrder(16.0, 8.0);
    }

    @Test
    void whatIsStiffOrStandsThereAnywayIsNotPulled() {
        assertThat(told(climbed(trellis("Panels", TrellisKind.PANEL, 2, 8, 10, 12, 10), "tomato"))
                        .crop()
                        .end())
                .isEmpty();
        Trellis hung = blown(NET, PostKind.EXISTING, TrellisWind.SHELTERED, 1.8);
        assertThat(told(climbed(hung, "tomato")).crop().end()).isEmpty();
    }

    @Test
    @DisplayName("too much for posts far apart: the widest spacing that holds is found, and panels hold too")
    void overloaded() {
        Trellis far = blown(NET, PostKind.WOOD_IN_CONCRETE, TrellisWind.SHELTERED, 2);
        assertThat(snags(garden(far))).isEmpty();
        Plan plan = climbed(far, "tomato");
        Snag snag = overloads(plan).get(0);
        assertThat(snag.words()).contains("In full crop about 24 kg hang on Net");
        assertThat(snag.remedies())
                .isNotEmpty()
                .allSatisfy(remedy -> assertThat(snags(with(plan, remedy.change())))
                        .as(remedy.words())
                        .isEmpty());
        assertThat(snag.remedies()).anyMatch(remedy -> remedy.words().contains("stiff panels"));
        Length widest = snag.remedies().stream()
                .filter(remedy -> remedy.words().startsWith("Set its posts"))
                .map(remedy -> ((Trellis) ((Put<?>) remedy.change()).thing()).apart())
                .findFirst()
                .orElseThrow();
        int posts = told(climbed(far.spaced(widest), "tomato")).marks().size();
        // With one post less it is too much again.
        Trellis fewer = far.spaced(Length.metres(4.0 / (posts - 2)));
        assertThat(overloads(climbed(fewer, "tomato"))).hasSize(1);
    }
}
