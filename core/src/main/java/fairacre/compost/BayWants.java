package fairacre.compost;

import fairacre.arch.ArchPrices;
import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.build.Material;
import fairacre.measure.Units;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Sawn;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.stream.Stream;

/** Takes off the walls of compost bays that have no price of their own, again when they have rotted. */
final class BayWants {

    private static final WorkRate BUILD = new WorkRate(
            "compost/bay", "Building a compost bay", 120, "bay", "a rough guess, from memory", Stage.STRUCTURES);

    private final Takeoff takeoff;
    private final Units units;

    BayWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.units = takeoff.plan().units();
    }

    static Stream<WorkRate> rates() {
        return Stream.of(BUILD);
    }

    void takeOff() {
        takeoff.plan().list(CompostKinds.BAYS).stream()
                .filter(bays -> bays.price().isEmpty())
                .forEach(bays -> bays.walls()
                        .ifPresent(walls -> takeoff.lasting(
                                Served.place(bays.id()),
                                "Walls",
                                bays.lifetime(),
                                Lasts.about(walls.years()),
                                season -> takeOff(season, bays, walls))));
    }

    private void takeOff(int season, CompostBays bays, BayWalls walls) {
        Served served = Served.place(bays.id());
        BayParts parts = BayParts.of(bays, walls, units);
        parts.boards()
                .forEach((board, pieces) -> Sawn.takeOff(
                        takeoff, season, BillPart.STRUCTURES, new BoardKind(Material.SOFTWOOD, board), pieces, served));
        pieces(season, CompostPrices.PALLET, parts.pallets(), served);
        if (parts.mesh().squareMetres() > 0) {
            takeoff.area(season, BillPart.STRUCTURES, CompostPrices::mesh, parts.mesh(), served);
        }
        pieces(season, ArchPrices.STAKE, parts.stakes(), served);
        takeoff.work(season, BUILD, bays.bays(), served);
    }

    private void pieces(int season, PriceItem item, int count, Served served) {
        if (count > 0) {
            takeoff.pieces(season, BillPart.STRUCTURES, item, count, 1, served);
        }
    }
}
