package fairacre.takeoff;

import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.Collections;
import java.util.List;

/** Pieces of boards that are sawn to length and screwed on. */
public final class Sawn {

    /** Of a millimetre or a sixteenth of an inch. */
    private static final double ROUNDING = 1e-3;

    private static final double HAIR = 1e-6;
    private static final double MILLIMETRES = 1000;
    private static final double SIXTEENTHS = 16;
    /** A piece is held by so many screws, two at each end or crossing (common practice). */
    private static final int SCREWS = 4;

    private Sawn() {}

    /** Up to the next millimetre, or sixteenth of an inch. */
    public static Length length(double metres, Units units) {
        return units == Units.METRIC
                ? Length.millimetres(Math.ceil(metres * MILLIMETRES - ROUNDING))
                : Length.inches(Math.ceil(metres / Length.inches(1).metres() * SIXTEENTHS - ROUNDING) / SIXTEENTHS);
    }

    /** In so many equal parts a length is sawn where no board is so long. */
    public static int parts(double metres, Board board) {
        return Math.max(1, (int) Math.ceil(metres / board.longest().metres() - HAIR));
    }

    /**
     * So many pieces of a length, each in equal parts where no board is so long.
     *
     * @param count of the whole length
     */
    public static List<Length> pieces(double metres, int count, Board board, Units units) {
        int parts = parts(metres, board);
        return Collections.nCopies(count * parts, length(metres / parts, units));
    }

    /** Buys boards for pieces, and what screws them on. */
    public static void takeOff(
            Takeoff takeoff, int season, BillPart part, BoardKind kind, List<Length> pieces, Served served) {
        takeoff.boards(season, part, kind, pieces, served);
        takeoff.pieces(
                season,
                part,
                BuildPrices.fastener(kind.board().fastener()),
                pieces.size() * SCREWS,
                kind.board().fastener().box(),
                served);
    }
}
