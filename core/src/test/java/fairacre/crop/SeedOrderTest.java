package fairacre.crop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.bill.BillPart;
import fairacre.catalogue.Crops;
import fairacre.cost.CostStudy;
import fairacre.crop.SeedOrder.SeedLine;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SeedOrderTest {

    private static final Plan GARDEN = with(
            plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1.2), bed("Kale", 10, 14, 4, 1.2)),
            Put.of(planting("Carrots", "carrot", "Beans", "2027-04-10", "2027-07-01")),
            Put.of(planting("Late", "carrot", "Beans", "2027-07-05", "2027-10-10")),
            Put.of(Gardens.renamed(
                    planting("Carrots in Kale", "carrot", "Kale", "2027-04-10", "2027-07-01"), "Carrots")),
            Put.of(planting("Garlic", "garlic", "Kale", "2027-10-10", "2028-07-10")),
            Put.of(planting("Nowhere", "carrot", "Gone", "2027-04-10", "2027-07-01")));

    @Test
    @DisplayName("two beds of one variety share their packets; another variety has its own")
    void aVarietyIsBoughtTogether() {
        List<SeedLine> lines = SeedOrder.of(GARDEN, SEASON);
        assertThat(lines).extracting(SeedLine::name).containsExactly("Carrots", "Late", "Garlic");
        SeedLine both = lines.get(0);
        SeedLine late = lines.get(1);
        assertThat(both.plantings()).hasSize(2);
        assertThat(both.pieces()).isEqualTo(2 * late.pieces());
        int packet = Crops.of("carrot").orElseThrow().seed().orElseThrow().packet();
        assertThat(both.packs()).isEqualTo((both.pieces() + packet - 1) / packet);
        assertThat(SeedOrder.of(GARDEN, SEASON + 1)).isEmpty();
    }

    @Test
    void theOrderCostsWhatTheBillSays() {
        int packs =
                SeedOrder.of(GARDEN, SEASON).stream().mapToInt(SeedLine::packs).sum();
        double billed = CostStudy.of(GARDEN).bill().lines().stream()
                .filter(line -> line.part() == BillPart.CROPS)
                .mapToDouble(line -> line.quantity().doubleValue())
                .sum();
        assertThat(billed).isEqualTo(packs);
    }
}
