package fairacre.drawing;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.arch;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cover;
import static fairacre.testing.Gardens.hoops;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.trellis;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.cover.CoverKind;
import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import fairacre.trellis.TrellisKind;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StructureSheetTest {

    private static final Plan PLAN = with(
            plot(20, 20, List.of(), bed("Beans", 10, 5, 2, 1.2), bed("Kale", 10, 10, 2, 0.9)),
            Put.of(hoops("Tunnel", 0.5, "Beans", "Kale")));

    private static List<Mark> marks(Plan plan) {
        return StructureSheet.of(plan, SEASON).stream()
                .flatMap(page -> page.marks().stream())
                .toList();
    }

    private static List<String> words(Plan plan) {
        return marks(plan).stream()
                .filter(Words.class::isInstance)
                .map(mark -> ((Words) mark).text())
                .toList();
    }

    @Test
    void aBowIsDrawnToTheScaleThatIsWrittenBesideIt() {
        List<String> words = words(PLAN);
        assertThat(words).contains("Tunnel", "0.50 m", "1.18 m", "0.30 m");
        String heading = words.stream()
                .filter(text -> text.startsWith("Beans: 3 bows"))
                .findFirst()
                .orElseThrow();
        double divisor = Double.parseDouble(heading.substring(heading.lastIndexOf(':') + 1));
        List<Spot> bow = marks(PLAN).stream()
                .filter(Stroke.class::isInstance)
                .map(mark -> ((Stroke) mark).spots())
                .filter(spots -> spots.size() > 10)
                .findFirst()
                .orElseThrow();
        double drawn = IntStream.range(1, bow.size())
                .mapToDouble(i -> Math.hypot(
                        bow.get(i).x() - bow.get(i - 1).x(),
                        bow.get(i).y() - bow.get(i - 1).y()))
                .sum();
        double radius = (0.59 * 0.59 + 0.25) / 1;
        assertThat(drawn * divisor / 1000).isCloseTo(2 * radius * Math.asin(0.59 / radius), within(2e-3));
    }

    @Test
    void bedsOfOneWidthShareADrawing() {
        Plan alike = with(
                plot(20, 20, List.of(), bed("Beans", 10, 5, 2, 1.2), bed("Kale", 10, 10, 2, 1.2)),
                Put.of(hoops("Tunnel", 0.5, "Beans", "Kale")));
        assertThat(words(alike)).anyMatch(text -> text.startsWith("Beans and Kale: 3 bows each, "));
        assertThat(words(alike)).filteredOn("0.50 m"::equals).hasSize(1);
    }

    @Test
    void nothingIsDrawnOffThePage() {
        Plan many = with(
                PLAN,
                IntStream.range(0, 12)
                        .mapToObj(i -> Put.of(hoops("Tunnel " + i, 0.4 + i * 0.2, "Beans")))
                        .toArray(Put[]::new));
        assertThat(StructureSheet.of(many, SEASON)).hasSizeGreaterThan(2);
        nothingIsOff(many);
    }

    @Test
    void aSetThatDoesNotGoOverItsBedSaysSo() {
        Plan comb = with(
                plot(
                        20,
                        20,
                        List.of(),
                        Gardens.shaped("Comb", Gardens.rectangle(10, 10, 3, 1.2, 0), Gardens.comb(2, 0.4, 0.5))),
                Put.of(hoops("Tunnel", 0.5, "Comb")));
        assertThat(words(comb)).contains("Comb: the set doesn't go over it.");
        assertThat(words(plot(5, 5, List.of())))
                .contains("No hoops, tunnels, covers, arches, trellises or furniture stand in this season.");
    }

    @Test
    void aTunnelIsDrawnFromItsEndAndItsSide() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 11.1, 6, 1.2), bed("Kale", 10, 8.9, 6, 1.2)),
                Put.of(Gardens.tunnel("Film house", 10, 10, 6, 3.4)));
        assertThat(words(plan))
                .contains("Film house", "3.40 m", "6.00 m", "2.10 m")
                .anyMatch(text -> text.startsWith("8 bows of Galvanised steel tube"))
                .anyMatch(text -> text.startsWith("The end with its door, 0.90 m × 2.00 m. 1:"))
                .anyMatch(text -> text.startsWith("Its long side. 1:"));
        nothingIsOff(plan);
    }

    @Test
    void archesAndTrellisesAreDrawnWithTheirMeasures() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 8, 10, 2, 3), bed("Kale", 11.5, 10, 2, 3)),
                Put.of(arch("Rose arch", 8.95, 10, 10.55, 10)),
                Put.of(trellis("Net", 7.2, 8.7, 8.8, 8.7)),
                Put.of(trellis("Wires", TrellisKind.WIRES, 1.5, 7.2, 9, 8.8, 9)),
                Put.of(trellis("Panels", TrellisKind.PANEL, 1.5, 7.2, 9.5, 8.8, 9.5)),
                Put.of(trellis("Stakes", TrellisKind.STAKES, 1.5, 7.2, 10, 8.8, 10)),
                Put.of(trellis("Frame", TrellisKind.A_FRAME, 1.5, 7.2, 10.5, 8.8, 10.5)),
                Put.of(trellis("Teepee", TrellisKind.TEEPEE, 1.5, 7.2, 11, 8.8, 11)));
        assertThat(words(plan))
                .contains("Rose arch", "Net", "1.60 m", "2.00 m", "1.005 m")
                .anyMatch(text -> text.startsWith("Beans and Kale: a panel 4.877 m long"))
                .anyMatch(text -> text.startsWith("Net between posts at Beans; 2 posts (driven steel)"))
                .anyMatch(text -> text.contains("of 9 canes"))
                .anyMatch(text -> text.contains("3 stakes, each 1.805 m long"))
                .anyMatch(text -> text.contains("3 rows of"))
                .anyMatch(text -> text.contains("each leaning side 1.566 m"));
        nothingIsOff(plan);
    }

    @Test
    void coversAreDrawnFromTheirEndWithWhatIsCut() {
        Plan plan = with(
                plot(
                        20,
                        20,
                        List.of(),
                        bed("Beans", 5, 10, 2, 1),
                        bed("Kale", 10, 10, 2, 1),
                        bed("Leeks", 15, 10, 2, 1)),
                Put.of(cover("Lights", CoverKind.COLD_FRAME, 2, 1, 2, "Beans")),
                Put.of(cover("Tent", CoverKind.CLOCHE, 2, 1, 2, "Kale")),
                Put.of(cover("Cage", CoverKind.NET_CAGE, 2, 1, 1, "Leeks")));
        assertThat(words(plan))
                .contains("Lights", "Tent", "Cage", "0.40 m", "1.00 m")
                .anyMatch(
                        text -> text.startsWith("Cold frame 2.00 m × 1.00 m outside, in 2 sections, each 1.00 m long"))
                .anyMatch(text -> text.contains("(front south)"))
                .anyMatch(text -> text.contains("2 × front 1.00 m × 0.20 m of Exterior plywood, 18 mm"))
                .anyMatch(text -> text.contains("Saw \"two sides\" aslant, from 0.204 m at one end to 0.396 m"))
                .anyMatch(text -> text.contains("Saw two triangles out of \"two ends\", each 1.00 m wide and 0.40 m"))
                .anyMatch(text -> text.startsWith("Net cage 2.00 m × 1.00 m outside, in one piece"));
        nothingIsOff(plan);
    }

    private static void nothingIsOff(Plan plan) {
        assertThat(marks(plan).stream()
                        .filter(Stroke.class::isInstance)
                        .flatMap(mark -> ((Stroke) mark).spots().stream()))
                .allSatisfy(spot -> {
                    assertThat(spot.x()).isBetween(5.0, Pages.WIDTH - 5);
                    assertThat(spot.y()).isBetween(5.0, Pages.HEIGHT - 5);
                });
    }
}
