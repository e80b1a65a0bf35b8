package fairacre.drawing;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.hoops;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class HoopSheetTest {

    private static final Plan PLAN = with(
            plot(20, 20, List.of(), bed("Beans", 10, 5, 2, 1.2), bed("Kale", 10, 10, 2, 0.9)),
            Put.of(hoops("Tunnel", 0.5, "Beans", "Kale")));

    private static List<Mark> marks(Plan plan) {
        return HoopSheet.of(plan, SEASON).stream()
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
        assertThat(HoopSheet.of(many, SEASON)).hasSizeGreaterThan(2);
        marks(many).stream()
                .filter(Stroke.class::isInstance)
                .flatMap(mark -> ((Stroke) mark).spots().stream())
                .forEach(spot -> {
                    assertThat(spot.x()).isBetween(5.0, Pages.WIDTH - 5);
                    assertThat(spot.y()).isBetween(5.0, Pages.HEIGHT - 5);
                });
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
        assertThat(words(plot(5, 5, List.of()))).contains("No hoops stand in this season.");
    }
}
