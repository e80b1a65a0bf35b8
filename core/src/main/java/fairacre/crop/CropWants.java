package fairacre.crop;

import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.catalogue.Raising;
import fairacre.plan.Plan;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.stream.Stream;

/** Takes off seed, young plants and planting. */
final class CropWants {

    private static final String GUESS = "a rough guess, from memory";
    private static final WorkRate SOW =
            new WorkRate("crop/sow", "Sowing in the bed", 0.1, "plant", GUESS, Stage.PLANTING);
    private static final WorkRate PLANT = new WorkRate("crop/plant", "Planting out", 1, "plant", GUESS, Stage.PLANTING);

    private final Takeoff takeoff;
    private final Plan plan;

    CropWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.plan = takeoff.plan();
    }

    static Stream<WorkRate> rates() {
        return Stream.of(SOW, PLANT);
    }

    void takeOff() {
        SeedOrder.lines(plan, takeoff.memo()).forEach(line -> line.wants().forEach(want -> takeOff(line, want)));
    }

    /** Whole packets and nets are shared out over the plantings by what each takes of them. */
    private void takeOff(SeedOrder.Line line, SeedOrder.Want want) {
        Planting planting = want.planting();
        takeoff.work(
                Plan.season(planting.from(), plan.yearBegins()),
                planting.raising() == Raising.SOWN ? SOW : PLANT,
                want.count(),
                Served.bed(planting.bed()),
                planting.id(),
                planting.from());
        takeoff.pieces(
                line.season(),
                BillPart.CROPS,
                line.item(),
                (double) line.packs() * want.pieces() / line.pieces(),
                1,
                Served.bed(planting.bed()));
    }
}
