package fairacre.crop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.trellis;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Raising;
import fairacre.cost.CostStudy;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.shape.BedSoil;
import fairacre.shape.Memo;
import fairacre.sun.StandStudy;
import fairacre.testing.Gardens;
import fairacre.trellis.Trellis;
import fairacre.trellis.TrellisKind;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Geometry;

class PlantingTest {

    private static final double FOOT = 0.3048;
    private static final LocalDate JUNE = LocalDate.of(SEASON, 6, 15);

    private static Planting spaced(Planting planting, Layout layout, double inRow, double between) {
        return new Planting(
                planting.id(),
                planting.name(),
                planting.crop(),
                Optional.empty(),
                planting.bed(),
                planting.part(),
                layout,
                Optional.of(Length.metres(inRow)),
                Optional.of(Length.metres(between)),
                planting.raising(),
                planting.interplanted(),
                planting.from(),
                planting.until());
    }

    private static Planting in(BedPart part, Planting planting) {
        return new Planting(
                planting.id(),
                planting.name(),
                planting.crop(),
                Optional.empty(),
                planting.bed(),
                part,
                planting.layout(),
                planting.inRow(),
                planting.between(),
                planting.raising(),
                planting.interplanted(),
                planting.from(),
                planting.until());
    }

    private static Planting onions() {
        return planting("Onions", "onion", "Beans", "2027-04-01", "2027-08-01");
    }

    private static PlantingTold told(Plan plan) {
        return PlantingStudy.of(plan, SEASON, plan.standing(SEASON)).told(JUNE).get(0);
    }

    private static PlantingTold told(Bed bed, Planting planting) {
        return told(with(plot(20, 20, List.of(), bed), Put.of(planting)));
    }

    private static int count(double length, double width, Layout layout, double inRow, double between) {
        return told(bed("Beans", 10, 10, length, width), spaced(onions(), layout, inRow, between))
                .count();
    }

    @Test
    @DisplayName("4 x 25 ft carry 400 onions at 6 in: four to the square foot (common practice)")
    void fourToTheSquareFoot() {
        for (Layout layout : List.of(Layout.SQUARE, Layout.ROWS_ALONG, Layout.ROWS_ACROSS)) {
            assertThat(count(25 * FOOT, 4 * FOOT, layout, FOOT / 2, FOOT / 2)).isEqualTo(400);
        }
    }

    @ParameterizedTest
    @DisplayName("square-foot tables: 1, 4, 9 and 16 plants to the foot on 4 x 8 ft (common practice)")
    @CsvSource({"cabbage, 32", "lettuce, 128", "spinach, 288", "carrot, 512"})
    void toTheSquareFoot(String crop, int plants) {
        Planting planting = planting("Crop", crop, "Beans", "2027-04-01", "2027-12-01");
        Planting square = new Planting(
                planting.id(),
                planting.name(),
                crop,
                Optional.empty(),
                planting.bed(),
                planting.part(),
                Layout.SQUARE,
                Optional.empty(),
                Optional.empty(),
                planting.raising(),
                false,
                planting.from(),
                planting.until());
        assertThat(told(bed("Beans", 10, 10, 8 * FOOT, 4 * FOOT), square).count())
                .isEqualTo(plants);
    }

    @ParameterizedTest
    @DisplayName("rows: whole distances along and across, at the limit and a hair to either side")
    @CsvSource({
        "2, 1, 0.25, 0.5, 8, 2",
        "1.9999, 1, 0.25, 0.5, 7, 2",
        "2.0001, 0.9999, 0.25, 0.5, 8, 1",
        "2.4, 0.1, 0.3, 0.5, 8, 1",
        "0.2, 0.2, 0.3, 0.5, 1, 1"
    })
    void rows(double length, double width, double inRow, double between, int alongRow, int rows) {
        assertThat(count(length, width, Layout.ROWS_ALONG, inRow, between)).isEqualTo(alongRow * rows);
    }

    @ParameterizedTest
    @DisplayName("staggered: the closed form of a triangular lattice, rows in turn of n and of n or n - 1")
    @CsvSource({"3, 1.2, 0.3", "3.1, 1.2, 0.3", "2.45, 0.9, 0.2", "1, 0.25, 0.3"})
    void staggered(double length, double width, double apart) {
        int full = (int) Math.floor(length / apart + 1e-9);
        int less = (int) Math.floor((length - apart / 2) / apart + 1e-9);
        int rows = 1 + (int) Math.max(0, Math.floor((width - apart) / (apart * Math.sqrt(3) / 2) + 1e-9));
        // A shifted row begins half a distance further on from where the full one is centred.
        double slack = length - full * apart;
        int shifted = slack / 2 + full * apart <= length - apart / 2 + 1e-6 ? full : Math.min(less, full - 1);
        assertThat(count(length, width, Layout.STAGGERED, apart, apart))
                .isEqualTo((rows + 1) / 2 * full + rows / 2 * shifted);
    }

    @ParameterizedTest
    @EnumSource(Layout.class)
    @DisplayName(
            "no plant stands outside the soil nor nearer to another than it may, however the bed is shaped or turned")
    void withinTheSoil(Layout layout) {
        Planting planting = spaced(onions(), layout, 0.15, 0.25);
        for (Plan plan : List.of(
                with(
                        plot(20, 20, List.of(), Gardens.bed("Beans", 10, 10, 3, 1.2, 33, Optional.empty())),
                        Put.of(turned(TrellisKind.NETTING, 33, 8, 10, 12, 10))),
                with(
                        plot(
                                20,
                                20,
                                List.of(),
                                Gardens.bed("Beans", 10, 10, 1.2, 3, 0, Optional.of(Gardens.cedar(Board.M38X150, 1)))),
                        Put.of(trellis("Net", 10, 8, 10, 12))))) {
            StandingBed bed = plan.standing(SEASON).get(0);
            Geometry soil = BedSoil.of(bed.revision()).buffer(1e-6);
            List<Point> places = PlantPlaces.of(plan, bed.revision(), planting);
            assertThat(places)
                    .isNotEmpty()
                    .allSatisfy(place -> assertThat(soil.covers(Polygons.line(List.of(place))))
                            .isTrue());
            for (int i = 0; i < places.size(); i++) {
                for (Point other : places.subList(i + 1, places.size())) {
                    assertThat(places.get(i).distance(other).metres()).isGreaterThan(0.15 - 1e-4);
                }
            }
        }
    }

    private static Trellis turned(TrellisKind kind, double turn, double... places) {
        double[] there = new double[places.length];
        for (int i = 0; i < places.length; i += 2) {
            double x = places[i] - 10;
            double y = places[i + 1] - 10;
            double angle = Math.toRadians(-turn);
            there[i] = 10 + x * Math.cos(angle) - y * Math.sin(angle);
            there[i + 1] = 10 + x * Math.sin(angle) + y * Math.cos(angle);
        }
        return trellis("Net", kind, 2, there);
    }

    @ParameterizedTest
    @DisplayName(
            "along a trellis: whole distances on each side that has soil, in the bed, at its edge and half a metre off")
    @CsvSource({
        "NETTING, 10, 3, 40",
        "NETTING, 10, 2.9999, 38",
        "NETTING, 10, 3.0001, 40",
        "NETTING, 9.52, 3, 20",
        "NETTING, 10.48, 3, 20",
        "NETTING, 9.2, 3, 20",
        "NETTING, 9, 3, 20",
        "NETTING, 8.999, 3, 0",
        "A_FRAME, 10, 3, 40",
        "A_FRAME, 9.5, 3, 20"
    })
    void alongATrellis(TrellisKind kind, double y, double length, int plants) {
        for (double turn : new double[] {0, 33, 90}) {
            Plan plan = with(
                    plot(20, 20, List.of(), Gardens.bed("Beans", 10, 10, 4, 1, turn, Optional.empty())),
                    Put.of(turned(kind, turn, 8.5, y, 8.5 + length, y)),
                    Put.of(spaced(onions(), Layout.ALONG_TRELLIS, 0.15, 0.6)));
            assertThat(told(plan).count()).isEqualTo(plants);
            Geometry soil = BedSoil.of(plan.standing(SEASON).get(0).revision()).buffer(1e-6);
            assertThat(told(plan).places())
                    .allSatisfy(place -> assertThat(soil.covers(Polygons.line(List.of(place))))
                            .isTrue());
        }
    }

    @Test
    @DisplayName(
            "plants along a trellis take half the distance of rows on either side of it, together with the trellis")
    void strips() {
        Plan beside = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1)),
                Put.of(trellis("Net", 8.5, 10, 11.5, 10)),
                Put.of(spaced(onions(), Layout.ALONG_TRELLIS, 0.15, 0.6)));
        // Rows at 9.9 and 10.1, each with 0.3 m to either side: 9.6 to 10.4, 3 m long.
        double yield = onions().grown(beside).yield().usual();
        assertThat(told(beside).yield()).isCloseTo(3 * 0.8 * yield, within(1e-6));
        assertThat(told(beside).places())
                .extracting(place -> Math.abs(place.y().metres() - 10))
                .allSatisfy(off -> assertThat(off).isCloseTo(0.1, within(1e-6)));
        Plan under = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 2)),
                Put.of(trellis("Frame", TrellisKind.A_FRAME, 2, 8.5, 10, 11.5, 10)),
                Put.of(spaced(onions(), Layout.ALONG_TRELLIS, 0.15, 0.2)));
        assertThat(StandStudy.of(under, SEASON, Memo.none()))
                .as("two strips of soil, one planting")
                .hasSize(1);
    }

    @ParameterizedTest
    @DisplayName("a garden in feet plants at whole and half inches: 4 x 8 ft of lettuce, carrots and cabbage by hand")
    @CsvSource({"lettuce, 30, 25", "carrot, 25, 5", "cabbage, 60, 45"})
    void inFeet(String crop, double between, double inRow) {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 8 * FOOT, 4 * FOOT)),
                new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES),
                Put.of(planting("Crop", crop, "Beans", "2027-04-01", "2027-12-01")));
        Crop.Spacing spacing = Crops.of(crop).orElseThrow().spacing();
        assertThat(spacing.between().usual() * 100).isCloseTo(between, within(1e-9));
        assertThat(spacing.inRow().usual() * 100).isCloseTo(inRow, within(1e-9));
        // 2.54 cm are an inch; from 6 in on whole inches, below half ones.
        double rows = Math.round(between / 2.54);
        double plants = Math.round(inRow / 2.54 * (inRow < 15 ? 2 : 1)) / (inRow < 15 ? 2.0 : 1);
        assertThat(told(plan).count()).isEqualTo((int) (Math.floor(48 / rows) * Math.floor(96 / plants)));
        assertThat(told(plan).plantsApart()).isEqualTo(Length.inches(plants));
    }

    @Test
    @DisplayName("a half of a bed along it or across it carries half of the plants, and the two don't meet")
    void partsOfABed() {
        Bed bed = bed("Beans", 10, 10, 4, 1);
        Planting whole = spaced(onions(), Layout.ROWS_ALONG, 0.1, 0.25);
        assertThat(told(bed, whole).count()).isEqualTo(160);
        for (BedPart half : List.of(new BedPart(0, 0.5, 0, 1), new BedPart(0.5, 1, 0, 1), new BedPart(0, 1, 0.5, 1))) {
            assertThat(told(bed, in(half, whole)).count()).isEqualTo(80);
        }
        assertThat(new BedPart(0, 0.5, 0, 1).shares(new BedPart(0.5, 1, 0, 1))).isFalse();
        assertThat(new BedPart(0, 0.6, 0, 1).shares(new BedPart(0.5, 1, 0, 0.5)))
                .isTrue();
        assertThatThrownBy(() -> new BedPart(0.5, 0.5, 0, 1))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("ends before it begins");
    }

    @Test
    @DisplayName("seeds: plants by the share that comes up and a tenth more (common practice), in whole packets")
    void seed() {
        // 100 lettuces at 80 %: 137.5 seeds; 500 are in a packet.
        Planting lettuce =
                spaced(planting("Lettuce", "lettuce", "Beans", "2027-04-10", "2027-06-20"), Layout.SQUARE, 0.2, 0.2);
        PlantingTold.PlantsWanted wanted =
                told(bed("Beans", 10, 10, 4, 1), lettuce).wanted();
        assertThat(wanted).isEqualTo(new PlantingTold.PlantsWanted(138, 1, 0));
        assertThat(told(bed("Beans", 10, 10, 4, 1), onions()).wanted().plants()).isPositive();
    }

    @Test
    @DisplayName("a packet serves all plantings of its variety in a season; another variety has its own")
    void packetsOnTheBill() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 5, 5, 2, 1), bed("Kale", 10, 5, 2, 1)),
                Put.of(planting("Carrots", "carrot", "Beans", "2027-04-01", "2027-08-01")),
                Put.of(Gardens.renamed(planting("More", "carrot", "Kale", "2027-06-01", "2027-10-01"), "Carrots")),
                Put.of(planting("Yellow carrots", "carrot", "Kale", "2028-04-01", "2028-08-01")),
                Put.of(planting("Onions", "onion", "Beans", "2028-04-01", "2028-08-01")));
        // 40 x 4 plants at 70 %: 252 seeds of 500 each.
        List<BillLine> bill = lines(plan);
        assertThat(quantity(bill, SEASON, "crop/packet")).isEqualTo(2);
        assertThat(quantity(bill, SEASON + 1, "crop/packet")).isEqualTo(1);
        // 20 x 3 sets, 50 to the net.
        assertThat(quantity(bill, SEASON + 1, "crop/sets")).isEqualTo(2);
        assertThat(bill).allSatisfy(line -> assertThat(line.part()).isEqualTo(BillPart.CROPS));
    }

    private static List<BillLine> lines(Plan plan) {
        return CostStudy.of(plan).bill().lines().stream()
                .filter(line -> line.item().key().startsWith("crop/"))
                .toList();
    }

    private static double quantity(List<BillLine> lines, int season, String item) {
        return lines.stream()
                .filter(line -> line.season() == season && line.item().key().equals(item))
                .mapToDouble(line -> line.quantity().doubleValue())
                .sum();
    }

    @Test
    @DisplayName("dates by java.time, by hand: leeks raised indoors ten weeks before 1 June, ripe 100 days after")
    void dates() {
        Planting sown = planting("Leeks", "leek", "Beans", "2027-06-01", "2027-12-01");
        Planting raised = new Planting(
                sown.id(),
                sown.name(),
                sown.crop(),
                Optional.empty(),
                sown.bed(),
                sown.part(),
                sown.layout(),
                Optional.empty(),
                Optional.empty(),
                Raising.RAISED,
                false,
                sown.from(),
                sown.until());
        PlantingTold told = told(bed("Beans", 10, 10, 4, 1), raised);
        assertThat(told.indoors()).contains(LocalDate.of(2027, 3, 23));
        assertThat(told.ripe()).isEqualTo(LocalDate.of(2027, 9, 9));
        assertThat(told(bed("Beans", 10, 10, 4, 1), sown).indoors()).isEmpty();
    }

    @Test
    @DisplayName(
            "drawn as large as it is on the day: a seedling at first, grown when it is ripe, nothing when it is cleared")
    void growth() {
        Plan plan = plot(20, 20, List.of());
        Planting leeks = planting("Leeks", "leek", "Beans", "2027-06-01", "2027-12-01");
        assertThat(PlantingStudy.grown(plan, leeks, LocalDate.of(2027, 5, 31))).isEmpty();
        assertThat(PlantingStudy.grown(plan, leeks, LocalDate.of(2027, 6, 1)).orElseThrow())
                .isEqualTo(0.1);
        assertThat(PlantingStudy.grown(plan, leeks, LocalDate.of(2027, 8, 10)).orElseThrow())
                .isCloseTo(0.55, within(1e-9));
        assertThat(PlantingStudy.grown(plan, leeks, LocalDate.of(2027, 11, 30)).orElseThrow())
                .isEqualTo(1);
        assertThat(PlantingStudy.grown(plan, leeks, LocalDate.of(2027, 12, 1))).isEmpty();
    }

    private static List<Snag> snags(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() instanceof CropRule && snag.rule() != CropRule.CROP_BARE)
                .toList();
    }

    private static Plan followed(String cleared, String sown) {
        return with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1)),
                Put.of(planting("Carrots", "carrot", "Beans", "2027-04-01", cleared)),
                Put.of(planting("Spinach", "spinach", "Beans", sown, "2027-10-20")));
    }

    @Test
    @DisplayName("one crop may follow another on the day on which it is cleared, not a day before")
    void oneAfterTheOther() {
        assertThat(snags(followed("2027-08-01", "2027-08-01"))).isEmpty();
        Plan plan = followed("2027-08-02", "2027-08-01");
        Snag snag = snags(plan).get(0);
        assertThat(snag.rule()).isEqualTo(CropRule.CROP_TWICE);
        assertThat(snag.words()).contains("Spinach is planted on 1 August 2027 where Carrots grows until 2 August");
        snag.remedies()
                .forEach(remedy ->
                        assertThat(snags(plan.apply(remedy.change()).orThrow())).isEmpty());
        assertThat(snag.remedies()).hasSize(4);
    }

    @ParameterizedTest
    @DisplayName("carrots need 60 days at least: cleared on the day they are ripe at the earliest, and a day before")
    @CsvSource({"2027-05-31, false", "2027-05-30, true"})
    void cleared(String day, boolean early) {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1)),
                Put.of(planting("Carrots", "carrot", "Beans", "2027-04-01", day)));
        assertThat(snags(plan)).hasSize(early ? 1 : 0);
    }

    @ParameterizedTest
    @DisplayName("strawberries are cleared on the day on which their bed goes, or are told a day later")
    @CsvSource({"2030-01-01, false", "2030-01-02, true"})
    void aBedGoes(String day, boolean told) {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1), bed("Kale", 10, 14, 4, 1)),
                new Change.RetireBed(id("Beans"), Optional.of(2030)),
                Put.of(planting("Berries", "strawberry", "Beans", "2027-04-10", day)));
        List<Snag> snags = snags(plan);
        assertThat(snags).hasSize(told ? 1 : 0);
        if (told) {
            assertThat(snags.get(0).words())
                    .isEqualTo("Berries stays until 2 January 2030, and Beans is gone from 2030 on.");
            assertThat(snags.get(0).remedies().stream().map(Remedy::words))
                    .containsExactly("Plant it in Kale", "Clear it on 1 January 2030", "Do without Berries");
            snags.get(0)
                    .remedies()
                    .forEach(remedy -> assertThat(
                                    snags(plan.apply(remedy.change()).orThrow()))
                            .isEmpty());
        }
    }

    @Test
    void badDatesAndDistancesAreRefusedAtTheirField() {
        assertThatThrownBy(() -> onions().cleared(LocalDate.of(2027, 4, 1)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("cleared before it grows");
        assertThatThrownBy(() -> onions().cleared(LocalDate.of(2058, 4, 1)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("30 years");
        assertThatThrownBy(() -> spaced(onions(), Layout.SQUARE, 0, 0.3)).isInstanceOf(RefusedException.class);
        Planting onions = onions();
        assertThatThrownBy(() -> new Planting(
                        onions.id(),
                        "Fruit",
                        "dragon-fruit",
                        Optional.empty(),
                        onions.bed(),
                        onions.part(),
                        onions.layout(),
                        onions.inRow(),
                        onions.between(),
                        onions.raising(),
                        false,
                        onions.from(),
                        onions.until()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no such crop");
    }

    @ParameterizedTest
    @DisplayName("onions stand 8 cm apart at the least, rows no closer: at it, a hair over and a hair under")
    @CsvSource({"0.08, 0.3, 0", "0.08001, 0.3, 0", "0.07999, 0.3, 1", "0.1, 0.08, 0", "0.1, 0.07999, 1"})
    void crowded(double inRow, double between, int told) {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1)),
                Put.of(spaced(onions(), Layout.ROWS_ALONG, inRow, between)));
        assertThat(snags(plan)).hasSize(told);
        snags(plan)
                .forEach(snag -> assertThat(snags(
                                plan.apply(snag.remedies().get(0).change()).orThrow()))
                        .isEmpty());
    }

    @ParameterizedTest
    @DisplayName("a new planting goes out by the last frost, on either half of the earth, and grows till it is ripe")
    @CsvSource({"50, 2027-05-15", "-40, 2027-11-15"})
    void proposed(double latitude, String from) {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1), bed("Kale", 10, 14, 4, 1)),
                new fairacre.plan.GroundChange.SetSite(
                        new fairacre.plan.Site(plot(20, 20, List.of()).site().corners(), 0, latitude)));
        Change change = NewPlantings.of(
                plan, SEASON, "tomato", Optional.empty(), List.of(id("Beans"), id("Kale")), UUID::randomUUID);
        Plan after = plan.apply(change).orThrow();
        assertThat(after.list(PlantingKinds.PLANTINGS)).hasSize(2).allSatisfy(planting -> {
            assertThat(planting.from()).isEqualTo(from);
            assertThat(planting.raising()).isEqualTo(Raising.RAISED);
            assertThat(planting.until()).isAfter(planting.ripe(after));
        });
        assertThat(snags(after)).isEmpty();
        assertThatThrownBy(() -> NewPlantings.of(plan, SEASON, "tomato", Optional.empty(), List.of(), UUID::randomUUID))
                .isInstanceOf(RefusedException.class);
    }
}
