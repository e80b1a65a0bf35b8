package fairacre.compost;

import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.judging.Wording;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.takeoff.Sawn;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the walls of compost bays are put together of. Weights: dry softwood, a pallet of 1200 x 800 mm 25 kg and one of
 * 48 x 40 in 40 lb, welded mesh 2 kg/m², a steel stake 1 kg (common practice, from memory).
 *
 * @param boards the pieces of each
 * @param mesh none where they are of something else
 */
record BayParts(Map<Board, List<Length>> boards, int pallets, Area mesh, int stakes, Units units) {

    /** Two uprights hold each wall across the row, and two battens the slats in front of each bay (common practice). */
    private static final int UPRIGHTS = 2;

    private static final double HAIR = 1e-6;
    private static final double PALLET = 25;
    private static final double PALLET_IN_FEET = 40 * Wording.KILOGRAMS_PER_POUND;
    private static final double MESH = 2;
    private static final double STAKE = 1;

    static BayParts of(CompostBays bays, BayWalls walls, Units units) {
        return switch (walls) {
            case BOARDS -> new BayParts(boards(bays, units), 0, Area.ZERO, 0, units);
            case PALLETS -> new BayParts(Map.of(), pallets(bays, units), Area.ZERO, 0, units);
            case MESH -> new BayParts(Map.of(), 0, mesh(bays), UPRIGHTS * (bays.bays() + 1), units);
        };
    }

    /** Dry. */
    double kilograms() {
        double wood = boards.entrySet().stream()
                .mapToDouble(each -> Material.SOFTWOOD.leastDensity()
                        * each.getKey().thickness().metres()
                        * each.getKey().width().metres()
                        * each.getValue().stream().mapToDouble(Length::metres).sum())
                .sum();
        return wood
                + pallets * (units == Units.METRIC ? PALLET : PALLET_IN_FEET)
                + mesh.squareMetres() * MESH
                + stakes * STAKE;
    }

    private static Area mesh(CompostBays bays) {
        double around = 2 * bays.place().length().metres()
                + (bays.bays() + 1) * bays.place().width().metres();
        return Area.squareMetres(around * bays.height().metres());
    }

    /** Courses of boards on each wall, the slats in front of each bay too, with uprights and battens. */
    private static Map<Board, List<Length>> boards(CompostBays bays, Units units) {
        Board board = units == Units.METRIC ? Board.M22X150 : Board.B5_4X6;
        Board upright = units == Units.METRIC ? Board.M47X100 : Board.B2X4;
        Board batten = units == Units.METRIC ? Board.M50X50 : Board.B2X2;
        int courses = (int) Math.ceil(bays.height().metres() / board.width().metres() - HAIR);
        List<Length> walls = new ArrayList<>();
        walls.addAll(Sawn.pieces(bays.place().length().metres() / bays.bays(), bays.bays() * courses, board, units));
        walls.addAll(Sawn.pieces(bays.inside().metres(), bays.bays() * courses, board, units));
        walls.addAll(Sawn.pieces(bays.place().width().metres(), (bays.bays() + 1) * courses, board, units));
        double high = bays.height().metres();
        Map<Board, List<Length>> boards = new LinkedHashMap<>();
        boards.put(board, walls);
        boards.put(upright, Sawn.pieces(high, UPRIGHTS * (bays.bays() + 1), upright, units));
        boards.put(batten, Sawn.pieces(high, UPRIGHTS * bays.bays(), batten, units));
        return boards;
    }

    /** A pallet lies on its long edge where it is high enough so, else it stands on end; walls may take several. */
    private static int pallets(CompostBays bays, Units units) {
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
