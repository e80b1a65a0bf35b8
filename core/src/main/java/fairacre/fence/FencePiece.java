package fairacre.fence;

import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Sawn;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Equal pieces of wood in a fence or a gate.
 *
 * @param count at least 1
 */
public record FencePiece(Part part, Material material, Board board, Length length, int count) {

    /** What a piece is. */
    public enum Part {
        RAIL,
        BOARD,
        CAP,
        STILE,
        BRACE
    }

    /** A 2 x 4, for rails and frames. */
    static Board frame(Units units) {
        return units == Units.METRIC ? Board.M47X100 : Board.B2X4;
    }

    /** What is nailed on. */
    static Board cladding(Units units) {
        return units == Units.METRIC ? Board.M22X150 : Board.B1X6;
    }

    /**
     * Of some length, in equal parts where no board is so long.
     *
     * @param count of the whole length
     */
    static FencePiece of(Part part, Material material, Board board, double metres, int count, Units units) {
        int parts = Sawn.parts(metres, board);
        return new FencePiece(part, material, board, Sawn.length(metres / parts, units), count * parts);
    }

    BoardKind kind() {
        return new BoardKind(material, board);
    }

    /** As they are sawn. */
    List<Length> pieces() {
        return new ArrayList<>(Collections.nCopies(count, length));
    }

    /** Kilograms, air-dry, in the middle of the range. */
    double mass() {
        double volume = count
                * length.metres()
                * board.thickness().metres()
                * board.width().metres();
        return volume * (material.leastDensity() + material.mostDensity()) / 2;
    }
}
