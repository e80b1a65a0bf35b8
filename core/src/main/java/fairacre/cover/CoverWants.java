package fairacre.cover;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.build.Material;
import fairacre.over.FabricPrices;
import fairacre.plan.Plan;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Sawn;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.Stream;

/** Takes off covers: walls and battens, panes and nets, each again when it is worn out. */
final class CoverWants {

    private static final String GUESS = "a rough guess, from memory";
    private static final WorkRate FRAME = new WorkRate(
            "cover/cold-frame",
            "Building a section of a cold frame with its lid",
            120,
            "section",
            GUESS,
            Stage.STRUCTURES);
    private static final WorkRate CLOCHE =
            new WorkRate("cover/cloche", "Building a section of a cloche", 60, "section", GUESS, Stage.STRUCTURES);
    private static final WorkRate CAGE =
            new WorkRate("cover/cage", "Building a section of a net cage", 60, "section", GUESS, Stage.STRUCTURES);
    private static final WorkRate PANE =
            new WorkRate("cover/pane", "Screwing a clear pane on", 15, "pane", GUESS, Stage.STRUCTURES);
    private static final WorkRate NET =
            new WorkRate("cover/net", "Stapling a net on battens", 6, "square metre", GUESS, Stage.STRUCTURES);

    /** Common practice. */
    private static final int HINGES = 2;

    private static final int HOOKS = 2;
    /** A screw every foot along a pane's edge (common practice). */
    private static final double BETWEEN_SCREWS = 0.3;
    /** Staples every 4 in along both edges; a box holds 1000 (common practice). */
    private static final double STAPLES_TO_THE_SQUARE_METRE = 40;

    private static final int STAPLES_IN_A_BOX = 1000;
    /** Untreated battens last as long out of doors (common practice). */
    private static final int BATTEN_YEARS = 8;

    private final Takeoff takeoff;
    private final Plan plan;

    CoverWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.plan = takeoff.plan();
    }

    static Stream<WorkRate> rates() {
        return Stream.of(FRAME, CLOCHE, CAGE, PANE, NET);
    }

    void takeOff() {
        plan.list(CoverKinds.COVERS).forEach(this::takeOff);
    }

    private void takeOff(BedCover cover) {
        CoverParts parts = new CoverParts(plan, cover);
        lasting(cover, "Frame", Math.min(BATTEN_YEARS, cover.walls().years()), season -> frame(season, cover, parts));
        lasting(cover, "Panes", cover.pane().years(), season -> panes(season, cover, parts));
        lasting(cover, "Net", cover.fabric().years(), season -> net(season, cover, parts));
    }

    private void lasting(BedCover cover, String part, int years, IntConsumer bought) {
        if (years > 0) {
            takeoff.lasting(Served.place(cover.id()), part, cover.lifetime(), Lasts.about(years), bought);
        }
    }

    private void frame(int season, BedCover cover, CoverParts parts) {
        Served served = Served.place(cover.id());
        sheets(season, cover.walls(), parts.walls(), served);
        Sawn.takeOff(
                takeoff,
                season,
                BillPart.STRUCTURES,
                new BoardKind(Material.SOFTWOOD, parts.batten()),
                parts.battens(),
                served);
        int sections = cover.sections();
        if (cover.kind() == CoverKind.COLD_FRAME) {
            pieces(season, CoverPrices.HINGE, HINGES * sections, served);
            pieces(season, CoverPrices.HANDLE, sections, served);
        }
        pieces(season, CoverPrices.HOOK, HOOKS * sections, served);
        WorkRate rate = switch (cover.kind()) {
            case COLD_FRAME -> FRAME;
            case CLOCHE -> CLOCHE;
            case NET_CAGE -> CAGE;
        };
        takeoff.work(season, rate, sections, served);
    }

    private void panes(int season, BedCover cover, CoverParts parts) {
        Served served = Served.place(cover.id());
        sheets(season, cover.pane(), parts.panes(), served);
        parts.panes().forEach(pane -> {
            double around = 2 * pane.length().plus(pane.width()).metres();
            pieces(season, CoverPrices.BUTTON, pane.count() * Math.ceil(around / BETWEEN_SCREWS - 1e-6), served);
            takeoff.work(season, PANE, pane.count(), served);
        });
    }

    private void net(int season, BedCover cover, CoverParts parts) {
        Served served = Served.place(cover.id());
        takeoff.area(
                season, BillPart.STRUCTURES, units -> FabricPrices.fabric(cover.fabric(), units), parts.net(), served);
        double metres = parts.net().squareMetres();
        takeoff.pieces(
                season,
                BillPart.STRUCTURES,
                CoverPrices.STAPLES,
                metres * STAPLES_TO_THE_SQUARE_METRE,
                STAPLES_IN_A_BOX,
                served);
        takeoff.work(season, NET, metres, served);
    }

    /** What no sheet on sale is large enough for is left out: a snag tells so. */
    private void sheets(int season, SheetGood good, List<SheetPart> parts, Served served) {
        takeoff.sheets(
                season,
                BillPart.STRUCTURES,
                good,
                parts.stream().filter(part -> good.holds(part, plan.units())).toList(),
                served);
    }

    private void pieces(int season, PriceItem item, double count, Served served) {
        takeoff.pieces(season, BillPart.STRUCTURES, item, count, 1, served);
    }
}
