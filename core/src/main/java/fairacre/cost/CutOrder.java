package fairacre.cost;

import fairacre.frame.Saw;
import fairacre.measure.Length;
import fairacre.plan.Board;
import fairacre.plan.Material;
import fairacre.plan.RefusedException;
import java.util.List;

/**
 * With what boards are to be cut.
 *
 * @param kerf up to 20 mm
 * @param trim up to 0.3 m
 * @param offcuts boards that lie in the shed
 */
public record CutOrder(Length kerf, Length trim, List<Offcuts> offcuts) {

    private static final Length WIDEST_KERF = Length.millimetres(20);
    private static final Length LONGEST_TRIM = Length.metres(0.3);
    private static final Length LONGEST_OFFCUT = Length.metres(10);
    private static final int MOST = 500;

    /** Several of one length: 5 cm to 10 m. */
    public record Offcuts(Material material, Board board, Length length, int count) {

        public Offcuts {
            if (material == null || board == null) {
                throw new RefusedException("offcuts", "it isn't said what they are of", "name the material and the board");
            }
            if (length == null || length.compareTo(Length.millimetres(50)) < 0 || length.compareTo(LONGEST_OFFCUT) > 0) {
                throw new RefusedException("offcuts", "they are 5 cm to 10 m long", "measure again, or leave them out");
            }
            if (count < 1 || count > MOST) {
                throw new RefusedException("offcuts", "there are 1 to " + MOST + " of a length", "count again");
            }
        }
    }

    public CutOrder {
        kerf = kerf == null ? Saw.USUAL.kerf() : kerf;
        trim = trim == null ? Saw.USUAL.trim() : trim;
        offcuts = offcuts == null ? List.of() : List.copyOf(offcuts);
        within("kerf", kerf, WIDEST_KERF);
        within("trim", trim, LONGEST_TRIM);
        if (offcuts.size() > MOST) {
            throw new RefusedException("offcuts", "there are more than " + MOST + " lines of them", "join equal lengths");
        }
    }

    Saw saw() {
        return new Saw(kerf, trim);
    }

    private static void within(String field, Length length, Length most) {
        if (length.compareTo(Length.ZERO) < 0 || length.compareTo(most) > 0) {
            throw new RefusedException(field, "it is 0 to " + most.metres() * 1000 + " mm", "measure a cut of your own saw");
        }
    }
}
