package fairacre.takeoff;

import fairacre.measure.Length;
import java.util.List;
import java.util.UUID;

/** Pieces that are cut from boards of one kind for a bed. */
public record Boards(int season, BoardKind kind, List<Length> pieces, UUID bed) {

    public Boards {
        pieces = List.copyOf(pieces);
    }
}
