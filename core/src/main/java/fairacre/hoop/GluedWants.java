package fairacre.hoop;

import fairacre.bill.BillPart;
import fairacre.build.Material;
import fairacre.measure.Length;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.ArrayList;
import java.util.List;

/** Takes off bows that are glued up, one after the other on the same form. */
public final class GluedWants {

    /** Kilograms. */
    private static final double BOTTLE = 0.5;

    private static final double HAIR = 1e-9;

    private GluedWants() {}

    /** @param more pieces of the same board */
    public static void takeOff(Takeoff takeoff, int season, GluedBow bow, int bows, List<Length> more, Served served) {
        List<Length> pieces = new ArrayList<>(bow.boards(bows, takeoff.plan().units()));
        pieces.addAll(more);
        takeoff.boards(season, BillPart.STRUCTURES, new BoardKind(Material.SOFTWOOD, bow.board()), pieces, served);
        int bottles = (int) Math.ceil(bows * bow.glue() / BOTTLE - HAIR);
        if (bottles > 0) {
            takeoff.pieces(season, BillPart.STRUCTURES, HoopPrices.GLUE, bottles, 1, served);
        }
        takeoff.work(season, HoopRates.RIP, bows * bow.strips(), served);
        takeoff.work(season, HoopRates.GLUE_UP, bows, served);
    }

    /** Clamps serve all bows, so they are bought once. */
    public static void clamps(Takeoff takeoff, int season, GluedBow bow, Served served) {
        takeoff.pieces(season, BillPart.STRUCTURES, HoopPrices.CLAMP, bow.clamps(), 1, served);
    }
}
