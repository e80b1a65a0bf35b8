package fairacre.build;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.List;

/**
 * With what boards are cut, and those that are there already.
 *
 * @param kerf width of a saw cut, up to 20 mm
 * @param trim what comes off one end of a board to make it square, up to 0.3 m
 * @param tight whether a piece may come out a saw cut short, so that two of 4 ft come out of a board of 8 ft
 * @param offcuts in the order in which they were noted; they are used before any board is bought
 * @param materials of the gardener's own
 * @param boards sizes of the gardener's own
 */
public record Workshop(
        Length kerf, Length trim, boolean tight, List<Offcut> offcuts, List<Material> materials, List<Board> boards) {

    private static final Length WIDEST_KERF = Length.millimetres(20);
    private static final Length LONGEST_TRIM = Length.metres(0.3);
    private static final int MOST_OFFCUTS = 200;
    private static final int MOST_OWN = 12;

    /** A kerf of 1/8 in and a trim of 1/2 in: common practice. */
    public static final Workshop USUAL = new Workshop(Length.inches(0.125), Length.inches(0.5), false, List.of());

    public Workshop {
        Limits.between(kerf, Length.ZERO, WIDEST_KERF, "kerf");
        Limits.between(trim, Length.ZERO, LONGEST_TRIM, "trim");
        offcuts = offcuts == null ? List.of() : List.copyOf(offcuts);
        Limits.atMost(MOST_OFFCUTS, offcuts, "offcuts");
        materials =
                materials == null ? List.of() : materials.stream().distinct().toList();
        Limits.atMost(MOST_OWN, materials, "materials");
        boards = boards == null ? List.of() : boards.stream().distinct().toList();
        Limits.atMost(MOST_OWN, boards, "boards");
    }

    public Workshop(Length kerf, Length trim, boolean tight, List<Offcut> offcuts) {
        this(kerf, trim, tight, offcuts, List.of(), List.of());
    }

    public Workshop withoutOffcuts() {
        return new Workshop(kerf, trim, tight, List.of(), materials, boards);
    }
}
