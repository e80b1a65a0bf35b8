package fairacre.cover;

import fairacre.measure.Area;
import fairacre.measure.Length;
import java.util.List;
import java.util.UUID;

/**
 * What is told of a cover in a season.
 *
 * @param section length of one section
 * @param slope length of the clear side from its foot to its top; zero for a cage
 * @param tilt of the clear side, degrees above level
 * @param prop that holds a lid open by 30 degrees; zero without lids
 * @param lidKilograms of one lid; 0 without lids
 * @param sectionKilograms as one lifts it
 * @param sideEnds height of a side of a cold frame at its front and at its back end; empty for others
 * @param sheets what is cut from sheets
 * @param battens what is cut from battens, longest first
 * @param net zero but for a cage
 * @param on the beds of the season, in the cover's order
 * @param fits other beds of the season that it would stand on
 * @param cautions to be read before it is built and used
 */
public record CoverTold(
        UUID cover,
        Length section,
        Length slope,
        double tilt,
        Length prop,
        double lidKilograms,
        double sectionKilograms,
        List<Length> sideEnds,
        List<CoverPiece> sheets,
        List<BattenPiece> battens,
        Area net,
        List<CoverOnBed> on,
        List<UUID> fits,
        List<String> cautions) {

    /** @param from what it is cut */
    public record CoverPiece(String name, String from, Length length, Length width, int count) {}

    public record BattenPiece(Length length, int count) {}
}
