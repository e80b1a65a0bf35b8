package fairacre.takeoff;

import fairacre.build.Board;
import fairacre.build.Material;
import java.util.Comparator;

/** Boards that pieces are cut from alike. In the order of materials and boards. */
public record BoardKind(Material material, Board board) implements Comparable<BoardKind> {

    private static final Comparator<BoardKind> ORDER =
            Comparator.comparing(BoardKind::material).thenComparing(BoardKind::board);

    @Override
    public int compareTo(BoardKind other) {
        return ORDER.compare(this, other);
    }
}
