package fairacre.cost;

import fairacre.measure.Length;
import java.util.List;
import java.util.UUID;

/**
 * Equal pieces of one kind of board, and the letters that are chalked on them: A, B, ... Z, AA, without I and O that
 * are taken for figures, one after the other through all that is cut in a season, longest first within a kind of board.
 *
 * @param into the beds, fences and gates that they go into
 */
public record MarkedPiece(String mark, Length length, int count, List<UUID> into) {

    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ";

    public MarkedPiece {
        into = List.copyOf(into);
    }

    /** @param number counted from 0 */
    static String mark(int number) {
        String last = LETTERS.substring(number % LETTERS.length(), number % LETTERS.length() + 1);
        return number < LETTERS.length() ? last : mark(number / LETTERS.length() - 1) + last;
    }
}
