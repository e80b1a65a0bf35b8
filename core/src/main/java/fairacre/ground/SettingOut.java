package fairacre.ground;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.UUID;

/**
 * Where to drive the stakes, from a base line between two pegs.
 *
 * @param first peg at which the base line begins
 * @param second peg at which it ends
 * @param base length of the base line
 * @param triangle sides of the largest 3-4-5 triangle in whole steps that fits the plot: 3 n, 4 n, 5 n
 * @param stakes number of corners to be staked
 * @param string length of string round all beds
 */
public record SettingOut(
        Point first, Point second, Length base, List<Length> triangle, List<BedMarks> beds, int stakes, Length string) {

    public SettingOut {
        triangle = List.copyOf(triangle);
        beds = List.copyOf(beds);
    }

    /**
     * A bed's corners to be staked.
     *
     * @param diagonals of the rectangle round it: equal if it is square
     */
    public record BedMarks(UUID bed, String name, List<Mark> corners, Length diagonals) {

        public BedMarks {
            corners = List.copyOf(corners);
        }
    }

    /**
     * One corner twice: by two tapes from the pegs, or by offsets.
     *
     * @param fromFirst tape from the first peg
     * @param fromSecond tape from the second peg
     * @param along offset along the base line from the first peg
     * @param off offset square to the base line, to its left
     */
    public record Mark(Length fromFirst, Length fromSecond, Length along, Length off) {}
}
