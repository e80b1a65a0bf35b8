package fairacre.arrange;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.keyhole;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.shaped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.arrange.Order.Edge;
import fairacre.arrange.Order.Kind;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Shape;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

class OrderTest {

    private static final Plan THREE =
            plot(10, 10, List.of(), bed("Beans", 2, 2, 2, 1), bed("Kale", 3, 4, 1, 1), bed("Peas", 2.5, 8, 3, 1));
    private static final List<UUID> ALL = List.of(id("Beans"), id("Kale"), id("Peas"));

    private static Plan after(Plan plan, Order order) {
        AtomicInteger next = new AtomicInteger();
        return plan.apply(order.change(plan, SEASON, () -> id("new " + next.incrementAndGet())))
                .orThrow();
    }

    private static Order order(Kind kind, List<UUID> beds, Axis axis) {
        return new Order(kind, beds, axis, null, null, null, null);
    }

    private static StandingBed bedNamed(Plan plan, String name) {
        return plan.standing(SEASON).stream()
                .filter(b -> b.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void leftEdgesComeToOneLine() {
        Plan after = after(THREE, new Order(Kind.LINE_UP, ALL, Axis.ACROSS, Optional.of(Edge.LOW), null, null, null));
        assertThat(after.standing(SEASON))
                .allSatisfy(b -> assertThat(Span.of(b, Axis.ACROSS).from()).isCloseTo(1, within(1e-6)));
        assertThat(bedNamed(after, "Kale").outline().centre().y().metres()).isEqualTo(4);
    }

    @Test
    void gapsBecomeEqualBetweenTheOutermostTwo() {
        Plan after = after(THREE, order(Kind.SPREAD, ALL, Axis.UP));
        assertThat(bedNamed(after, "Kale").outline().centre().y().metres()).isCloseTo(5, within(1e-6));
        assertThat(bedNamed(after, "Beans").outline())
                .isEqualTo(bedNamed(THREE, "Beans").outline());
    }

    @ParameterizedTest(name = "along {0} [JTS affine reflection]")
    @ValueSource(strings = {"ACROSS", "UP"})
    void aMirroredBedIsTheReflectionOfTheBed(String along) {
        Axis axis = Axis.valueOf(along);
        Shape ell = new Shape(
                new Form.Ell(Length.metres(0.5), Length.metres(0.4), false), List.of(keyhole(0, 0.7, 0.3, 0.2)));
        Plan plan = plot(10, 10, List.of(), shaped("Ell", rectangle(2, 3, 2, 1.5, 25), ell));
        Plan after = after(
                plan,
                new Order(Kind.MIRROR, List.of(id("Ell")), axis, null, null, null, Optional.of(Length.metres(4))));
        AffineTransformation reflection = axis == Axis.ACROSS
                ? AffineTransformation.reflectionInstance(4, 0, 4, 1)
                : AffineTransformation.reflectionInstance(0, 4, 1, 4);
        Geometry expected =
                reflection.transform(Polygons.of(bedNamed(plan, "Ell").corners()));
        Geometry found = Polygons.of(bedNamed(after, "Ell 2").corners());
        assertThat(found.symDifference(expected).getArea()).isLessThan(1e-4);
    }

    @Test
    void repeatedBedsStandAGapApart() {
        Plan after = after(
                THREE,
                new Order(
                        Kind.REPEAT,
                        List.of(id("Beans")),
                        Axis.UP,
                        null,
                        Optional.of(3),
                        Optional.of(Length.metres(0.6)),
                        null));
        // As one reads, the topmost copy comes first.
        assertThat(bedNamed(after, "Beans 2").outline().centre().y().metres()).isCloseTo(2 + 2 * 1.6, within(1e-6));
        assertThat(bedNamed(after, "Beans 3").outline().centre().y().metres()).isCloseTo(2 + 1.6, within(1e-6));
    }

    @Test
    @DisplayName("n x m groups stand l + g apart each way [arithmetic], copies numbered from the top row down")
    void aGroupIsRepeatedInRowsAndColumns() {
        Plan plan = plot(20, 20, List.of(), bed("Beans", 2, 2, 2, 1), bed("Kale", 2, 4, 1, 1));
        Order grid = new Order(
                Kind.REPEAT,
                List.of(id("Beans"), id("Kale")),
                Axis.ACROSS,
                null,
                Optional.of(3),
                Optional.of(Length.metres(0.5)),
                null,
                Optional.of(2),
                Optional.of(Length.metres(1)));
        Plan after = after(plan, grid);
        assertThat(after.beds()).hasSize(12);
        // The group is 2 m wide and 3 m high (from 1.5 to 4.5), so it stands 2.5 m and 4 m apart.
        for (int number = 2; number <= 4; number++) {
            Point top = bedNamed(after, "Beans " + number).outline().centre();
            assertThat(top.y().metres()).isCloseTo(6, within(1e-6));
            assertThat(top.x().metres()).isCloseTo(2 + (number - 2) * 2.5, within(1e-6));
        }
        assertThat(bedNamed(after, "Beans 5").outline().centre().x().metres()).isCloseTo(4.5, within(1e-6));
        assertThat(bedNamed(after, "Kale 6").outline().centre())
                .isEqualTo(bedNamed(after, "Kale").outline().centre().plus(Length.metres(5), Length.ZERO));
    }

    @Test
    void aRepetitionHasAtLeastTwoAndAtMostAHundredBeds() {
        assertThatThrownBy(() -> repeat(1, 1)).hasMessageContaining("no repetition");
        assertThat(repeat(1, 2)).isNotNull();
        assertThat(repeat(10, 10)).isNotNull();
        assertThatThrownBy(() -> repeat(10, 11)).hasMessageContaining("110 beds at once");
        assertThatThrownBy(() -> repeat(0, 2)).hasMessageContaining("0 is out of range");
        assertThatThrownBy(() -> repeat(2, 101)).hasMessageContaining("101 is out of range");
    }

    private static Change repeat(int along, int lines) {
        return new Order(
                        Kind.REPEAT,
                        List.of(id("Beans")),
                        Axis.UP,
                        null,
                        Optional.of(along),
                        Optional.of(Length.metres(0.1)),
                        null,
                        Optional.of(lines),
                        null)
                .change(THREE, SEASON, UUID::randomUUID);
    }

    @Test
    @DisplayName("n beds of length l with n + 1 gaps g go into n l + (n + 1) g [arithmetic]")
    void asManyAsGoAreFittedInAndCentred() {
        Plan plan = plot(10, 10, List.of(), bed("Beans", 2, 2, 2, 1));
        Plan after = after(
                plan,
                new Order(
                        Kind.FIT,
                        List.of(id("Beans")),
                        Axis.ACROSS,
                        null,
                        null,
                        Optional.of(Length.metres(0.4)),
                        null));
        assertThat(after.beds()).hasSize(4);
        double first = after.standing(SEASON).stream()
                .mapToDouble(b -> Span.of(b, Axis.ACROSS).from())
                .min()
                .orElseThrow();
        double last = after.standing(SEASON).stream()
                .mapToDouble(b -> Span.of(b, Axis.ACROSS).to())
                .max()
                .orElseThrow();
        assertThat(first).isCloseTo(10 - last, within(1e-6)).isCloseTo((10 - 4 * 2 - 3 * 0.4) / 2, within(1e-6));
    }

    @Test
    void bedsAreCentredOnAWindow() {
        Plan after = after(
                THREE,
                new Order(
                        Kind.CENTRE,
                        List.of(id("Kale")),
                        Axis.ACROSS,
                        null,
                        null,
                        null,
                        Optional.of(Length.metres(7.2))));
        assertThat(bedNamed(after, "Kale").outline().centre().x().metres()).isCloseTo(7.2, within(1e-6));
    }

    @Test
    void ordersThatCanNotBeCarriedOutAreRefusedWithTheReason() {
        assertThatThrownBy(() -> order(Kind.SPREAD, ALL.subList(0, 2), Axis.UP).change(THREE, SEASON, UUID::randomUUID))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("at least 3 beds");
        assertThatThrownBy(() -> order(Kind.REPEAT, ALL.subList(0, 1), Axis.UP).change(THREE, SEASON, UUID::randomUUID))
                .hasMessageContaining("count");
        assertThatThrownBy(() -> new Order(
                                Kind.FIT, ALL.subList(0, 1), Axis.UP, null, null, Optional.of(Length.metres(15)), null)
                        .change(THREE, SEASON, UUID::randomUUID))
                .hasMessageContaining("not even one");
        Plan lined = after(THREE, new Order(Kind.LINE_UP, ALL, Axis.ACROSS, Optional.of(Edge.LOW), null, null, null));
        assertThatThrownBy(() -> new Order(Kind.LINE_UP, ALL, Axis.ACROSS, Optional.of(Edge.LOW), null, null, null)
                        .change(lined, SEASON, UUID::randomUUID))
                .hasMessageContaining("so already");
    }
}
