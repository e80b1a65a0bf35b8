package fairacre.frame;

import fairacre.build.Frame;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import java.util.List;

/**
 * A line across the top of a frame where two boards meet, as it lies on the drawing. A frame is drawn by its outline,
 * its inside and its seams.
 */
public record Seam(Point from, Point to) {

    /** Of the uppermost course, which is the one that is seen; none of a bed without boards. */
    public static List<Seam> of(BedRevision bed) {
        return bed.frame().map(frame -> of(bed, frame)).orElse(List.of());
    }

    private static List<Seam> of(BedRevision bed, Frame frame) {
        Length longest = frame.board().longest();
        List<List<Length>> runs = RoundTheEdge.edges(bed, frame).stream()
                .map(edge -> FrameTakeoff.run(edge.length(), longest, frame.courses() - 1))
                .toList();
        return RoundTheEdge.meetings(bed, frame, runs).stream()
                .map(meeting -> new Seam(
                        bed.outline().at(meeting.fromX(), meeting.fromY()),
                        bed.outline().at(meeting.toX(), meeting.toY())))
                .toList();
    }
}
