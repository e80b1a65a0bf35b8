package fairacre.frame;

import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.frame.Piece.Part;
import fairacre.frame.RoundTheEdge.Edge;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import java.util.ArrayList;
import java.util.List;

/**
 * Boards under the lowest course of a frame that stands level on falling ground: one course goes as far as the gap
 * below is deeper than those above it, and ends where it is raked shut. The ground is taken for a plane. A bed on legs
 * stands on them.
 */
final class PartCourses {

    private static final Length SHORTEST = Length.millimetres(100);

    private PartCourses() {}

    /** Course 0 is the first below the lowest whole one. */
    static List<PlacedPiece> of(BedRevision bed, Frame frame) {
        List<PlacedPiece> pieces = new ArrayList<>();
        Length deepest = bed.madeUp().map(GroundFall::most).orElse(Length.ZERO);
        Length board = frame.board().width();
        for (int below = 0; board.times(below).plus(GroundFall.RAKED).compareTo(deepest) < 0; below++) {
            for (Edge edge : RoundTheEdge.edges(bed, frame)) {
                add(
                        bed,
                        edge,
                        below,
                        board.times(below).plus(GroundFall.RAKED).metres(),
                        frame.board().longest(),
                        pieces);
            }
        }
        return pieces;
    }

    private static void add(
            BedRevision bed, Edge edge, int below, double deeper, Length longest, List<PlacedPiece> pieces) {
        double length = edge.length().metres();
        double first = bed.gapBelow(edge.startX(), edge.startY()) - deeper;
        double last =
                bed.gapBelow(edge.startX() + edge.alongX() * length, edge.startY() + edge.alongY() * length) - deeper;
        if (first <= 0 && last <= 0) {
            return;
        }
        double from = first > 0 ? 0 : first / (first - last);
        double to = last > 0 ? 1 : first / (first - last);
        Length covered =
                from == 0 && to == 1 ? edge.length() : Length.millimetres(Math.ceil((to - from) * length * 1000));
        if (covered.compareTo(SHORTEST) < 0) {
            return;
        }
        double at = from * length;
        for (Length piece : FrameTakeoff.run(covered, longest, below + 1)) {
            pieces.add(new PlacedPiece(
                    Part.PART_COURSE,
                    -below,
                    piece,
                    edge.startX() + at * edge.alongX(),
                    edge.startY() + at * edge.alongY(),
                    edge.alongX(),
                    edge.alongY()));
            at += piece.metres();
        }
    }
}
