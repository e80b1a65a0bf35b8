package fairacre.cost;

import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.frame.FrameJob;
import fairacre.frame.FrameTakeoff;
import fairacre.frame.HardwareStudy;
import fairacre.frame.Piece;
import fairacre.frame.PlacedPiece;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Draws the frames of a plan with the marks under which their boards are cut. */
public final class FrameDrawings {

    private final Plan plan;
    private final List<CuttingPlan> cutting;

    private FrameDrawings(Plan plan) {
        this.plan = plan;
        this.cutting = CostStudy.of(plan).cutting();
    }

    public static FrameDrawings of(Plan plan) {
        return new FrameDrawings(plan);
    }

    /** Of a bed as it stands in a season; empty if it doesn't, or has no boards. */
    public Optional<FrameDrawing> drawing(Bed bed, int season) {
        return bed.in(season).flatMap(revision -> revision.frame().map(frame -> draw(bed, revision, frame)));
    }

    /** Of all beds for which boards are cut in a season. */
    public List<FrameDrawing> cutIn(int season) {
        return plan.beds().stream()
                .filter(bed -> courses(bed, season) > 0)
                .flatMap(bed -> drawing(bed, season).stream())
                .toList();
    }

    private static int courses(Bed bed, int season) {
        return FrameJob.of(bed).stream()
                .filter(job -> job.season() == season)
                .mapToInt(FrameJob::courses)
                .sum();
    }

    private FrameDrawing draw(Bed bed, BedRevision revision, Frame frame) {
        int there = frame.courses() - courses(bed, revision.from());
        Map<Length, String> marks = marks(revision.from(), frame);
        return new FrameDrawing(
                bed.id(),
                revision.from(),
                frame,
                FrameTakeoff.placed(revision, frame).stream()
                        .map(piece -> new FrameDrawing.DrawnBoard(
                                Optional.of(piece).filter(p -> isCut(p, there)).map(p -> marks.get(p.length())),
                                piece.course(),
                                piece.length(),
                                corners(piece, frame.board())))
                        .toList(),
                HardwareStudy.of(revision).orElseThrow());
    }

    /** What stood before is not cut; part-courses are, or have no mark. */
    private static boolean isCut(PlacedPiece piece, int there) {
        return piece.course() > there || piece.part() == Piece.Part.PART_COURSE;
    }

    private Map<Length, String> marks(int season, Frame frame) {
        Map<Length, String> marks = new HashMap<>();
        cutting.stream()
                .filter(cut -> cut.season() == season
                        && cut.part() == BillPart.FRAMES
                        && cut.material().equals(frame.material())
                        && cut.board().equals(frame.board()))
                .flatMap(cut -> cut.pieces().stream())
                .forEach(piece -> marks.put(piece.length(), piece.mark()));
        return marks;
    }

    /** The soil lies to the left of a board that goes round counter-clockwise. */
    private static List<Point> corners(PlacedPiece piece, Board board) {
        double x = piece.startX();
        double y = piece.startY();
        double alongX = piece.alongX() * piece.length().metres();
        double alongY = piece.alongY() * piece.length().metres();
        double inX = -piece.alongY() * board.thickness().metres();
        double inY = piece.alongX() * board.thickness().metres();
        return List.of(
                Point.metres(x, y),
                Point.metres(x + alongX, y + alongY),
                Point.metres(x + alongX + inX, y + alongY + inY),
                Point.metres(x + inX, y + inY));
    }
}
