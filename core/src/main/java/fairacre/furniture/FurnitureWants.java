package fairacre.furniture;

import fairacre.arch.ArchPrices;
import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.build.Material;
import fairacre.compost.CompostPrices;
import fairacre.furniture.Furniture.BoardPart;
import fairacre.furniture.Furniture.SheetRow;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Sawn;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.List;
import java.util.stream.Stream;

/** Takes off furniture, again when its boards have rotted. */
final class FurnitureWants {

    private static final String GUESS = "a rough guess, from memory";
    private static final WorkRate PIECE =
            new WorkRate("furniture/piece", "Sawing a piece and screwing it on", 8, "piece", GUESS, Stage.STRUCTURES);
    private static final WorkRate RING =
            new WorkRate("furniture/leaf-bin", "Setting up a leaf bin", 30, "bin", GUESS, Stage.STRUCTURES);
    private static final PriceItem SLAB = new PriceItem("furniture/slab", "Paving slab, 12 in or 300 mm square");
    /** Invented, US dollars. */
    private static final double SLAB_DOLLARS = 4;
    /** Mesh of a leaf bin (common practice). */
    private static final int MESH_YEARS = 10;

    private final Takeoff takeoff;

    FurnitureWants(Takeoff takeoff) {
        this.takeoff = takeoff;
    }

    static Stream<Offer> offers() {
        return Stream.of(new Offer(SLAB, SLAB_DOLLARS));
    }

    static Stream<WorkRate> rates() {
        return Stream.of(PIECE, RING);
    }

    void takeOff() {
        takeoff.plan().list(FurnitureKinds.FURNITURE).forEach(this::takeOff);
    }

    private void takeOff(Furniture furniture) {
        FurnitureParts parts = new FurnitureParts(takeoff.plan(), furniture);
        boolean ring = furniture.kind() == FurnitureKind.LEAF_BIN;
        takeoff.lasting(
                Served.place(furniture.id()),
                ring ? "Mesh" : "Boards",
                furniture.lifetime(),
                ring ? Lasts.about(MESH_YEARS) : lasts(furniture.material()),
                season -> takeOff(season, furniture, parts));
        // Slabs outlast what stands on them.
        if (furniture.kind().onLegs() && furniture.slabs()) {
            furniture
                    .lifetime()
                    .from()
                    .ifPresent(season -> takeoff.pieces(
                            season, BillPart.STRUCTURES, SLAB, FurnitureParts.LEGS, 1, Served.place(furniture.id())));
        }
    }

    private static Lasts lasts(Material material) {
        return Lasts.between(material.leastYears(), material.mostYears()).renewedEarly();
    }

    private void takeOff(int season, Furniture furniture, FurnitureParts parts) {
        Served served = Served.place(furniture.id());
        int pieces = 0;
        for (BoardPart part : parts.boards()) {
            List<Length> lengths = Sawn.pieces(
                    part.length().metres(),
                    part.count(),
                    part.board(),
                    takeoff.plan().units());
            Sawn.takeOff(
                    takeoff,
                    season,
                    BillPart.STRUCTURES,
                    new BoardKind(furniture.material(), part.board()),
                    lengths,
                    served);
            pieces += lengths.size();
        }
        for (SheetRow row : parts.sheets()) {
            // What no sheet holds is left out: a snag tells so.
            if (FurnitureSnags.isHeld(row, takeoff.plan().units())) {
                takeoff.sheets(
                        season,
                        BillPart.STRUCTURES,
                        row.good(),
                        List.of(FurnitureSnags.part(Limits.shortened(furniture.name(), ": Piece"), row)),
                        served);
                pieces += row.count();
            }
        }
        takeoff.work(season, PIECE, pieces, served);
        if (furniture.kind() == FurnitureKind.LEAF_BIN) {
            takeoff.area(season, BillPart.STRUCTURES, CompostPrices::mesh, parts.mesh(), served);
            takeoff.pieces(season, BillPart.STRUCTURES, ArchPrices.STAKE, FurnitureParts.STAKES, 1, served);
            takeoff.work(season, RING, 1, served);
        }
    }
}
