package fairacre.build;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Boards of one length that lie in the shed already: offcuts, salvaged boards, boards that were bought with a fault.
 *
 * @param length 5 cm to 10 m
 * @param count 1 to 500
 * @param flaws stretches that are cut out of each of them, in order; they don't overlap
 */
public record Offcut(Material material, Board board, Length length, int count, List<Flaw> flaws) {

    /** Shorter stretches of sound wood are of no use. */
    public static final Length SHORTEST = Length.millimetres(50);

    private static final Length LONGEST = Length.metres(10);
    private static final int MOST = 500;
    private static final int MOST_FLAWS = 20;

    /** A knot, a split or rot, measured from one end of the board, always the same. */
    public record Flaw(Length from, Length to) {

        public Flaw {
            Limits.present(from, "from");
            Limits.present(to, "to");
            if (from.compareTo(Length.ZERO) < 0 || to.compareTo(from) <= 0) {
                throw new RefusedException(
                        "flaws", "it ends before it begins", "measure both ends of it from the same end of the board");
            }
        }
    }

    public Offcut {
        Limits.present(material, "material");
        Limits.present(board, "board");
        Limits.between(length, SHORTEST, LONGEST, "length");
        Limits.between(count, 1, MOST, "count");
        flaws = flaws == null
                ? List.of()
                : flaws.stream().sorted(Comparator.comparing(Flaw::from)).toList();
        Limits.atMost(MOST_FLAWS, flaws, "flaws");
        checkFlaws(flaws, length);
    }

    /** Sound all along. */
    public Offcut(Material material, Board board, Length length, int count) {
        this(material, board, length, count, List.of());
    }

    /** The sound stretches of one of them, from end to end; those that are too short for any use left out. */
    public List<Length> sound() {
        List<Length> sound = new ArrayList<>();
        Length from = Length.ZERO;
        for (Flaw flaw : flaws) {
            sound.add(flaw.from().minus(from));
            from = flaw.to();
        }
        sound.add(length.minus(from));
        return sound.stream()
                .filter(stretch -> stretch.compareTo(SHORTEST) >= 0)
                .toList();
    }

    private static void checkFlaws(List<Flaw> flaws, Length length) {
        Length from = Length.ZERO;
        for (Flaw flaw : flaws) {
            if (flaw.from().compareTo(from) < 0) {
                throw new RefusedException("flaws", "two of them overlap", "give them as one");
            }
            from = flaw.to();
        }
        if (from.compareTo(length) > 0) {
            throw new RefusedException(
                    "flaws", "one of them ends beyond the board", "measure it, and the board, again");
        }
    }
}
