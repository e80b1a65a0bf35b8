package fairacre.compost;

import fairacre.arch.ArchPrices;
import fairacre.bill.BillPart;
import fairacre.bill.WorkRate;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Sawn;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Takes off the walls of compost bays that have no price of their own, again when they have rotted. */
final class BayWants {

    private static final WorkRate BUILD =
            new WorkRate("compost/bay", "Building a compost bay", 120, "bay", "a rough guess, from memory");

    /** Two uprights hold each wall across the row, and two battens the slats in front of each bay (common practice). */
    private static final int UPRIGHTS = 2;

    private static final double HAIR = 1e-6;

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
                        .ifPresent(walls -> bays.lifetime()
                                .boughtIn(walls.years())
                                .forEach(season -> takeOff(season, bays, walls))));
    }

    private void takeOff(int season, CompostBays bays, BayWalls walls) {
        Served served = Served.place(bays.id());
        switch (walls) {
            case BOARDS -> boards(season, bays, served);
            case PALLETS -> takeoff.pieces(season, BillPart.STRUCTURES, CompostPrices.PALLET, pallets(bays), 1, served);
            case MESH -> {
                double around = 2 * bays.place().length().metres()
                        + (bays.bays() + 1) * bays.place().width().metres();
                Area area = Area.squareMetres(around * bays.height().metres());
                takeoff.area(season, BillPart.STRUCTURES, CompostPrices::mesh, area, served);
                takeoff.pieces(season, BillPart.STRUCTURES, ArchPrices.STAKE, UPRIGHTS * (bays.bays() + 1), 1, served);
            }
        }
        takeoff.work(season, BUILD, bays.bays());
    }

    /** Courses of boards on each wall, the slats in front of each bay too, with uprights and battens. */
    private void boards(int season, CompostBays bays, Served served) {
        Board board = units == Units.METRIC ? Board.M22X150 : Board.B5_4X6;
        Board upright = units == Units.METRIC ? Board.M47X100 : Board.B2X4;
        Board batten = units == Units.METRIC ? Board.M50X50 : Board.B2X2;
        int courses = courses(bays.height(), board);
        List<Length> walls = new ArrayList<>();
        walls.addAll(Sawn.pieces(bays.place().length().metres() / bays.bays(), bays.bays() * courses, board, units));
        walls.addAll(Sawn.pieces(bays.inside().metres(), bays.bays() * courses, board, units));
        walls.addAll(Sawn.pieces(bays.place().width().metres(), (bays.bays() + 1) * courses, board, units));
        double high = bays.height().metres();
        screwed(season, board, walls, served);
        screwed(season, upright, Sawn.pieces(high, UPRIGHTS * (bays.bays() + 1), upright, units), served);
        screwed(season, batten, Sawn.pieces(high, UPRIGHTS * bays.bays(), batten, units), served);
    }

    private void screwed(int season, Board board, List<Length> pieces, Served served) {
        Sawn.takeOff(takeoff, season, BillPart.STRUCTURES, new BoardKind(Material.SOFTWOOD, board), pieces, served);
    }

    private static int courses(Length height, Board board) {
        return (int) Math.ceil(height.metres() / board.width().metres() - HAIR);
    }

    /** A pallet lies on its long edge where it is high enough so, else it stands on end; walls may take several. */
    private int pallets(CompostBays bays) {
        Length longer = units == Units.METRIC ? Length.millimetres(1200) : Length.inches(48);
        Length shorter = units == Units.METRIC ? Length.millimetres(800) : Length.inches(40);
        boolean lying = bays.height().compareTo(shorter) <= 0;
        int rows = lying ? 1 : times(bays.height(), longer);
        Length wide = lying ? longer : shorter;
        int across = (bays.bays() + 1) * times(bays.place().width(), wide);
        int along = 2 * bays.bays() * times(bays.inside(), wide);
        return rows * (across + along);
    }

    private static int times(Length whole, Length part) {
        return (int) Math.ceil(whole.metres() / part.metres() - HAIR);
    }
}
