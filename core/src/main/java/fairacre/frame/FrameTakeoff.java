package fairacre.frame;

import fairacre.frame.Piece.Part;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Frame;
import fairacre.plan.Joint;
import fairacre.plan.Rectangle;
import java.util.ArrayList;
import java.util.List;

/**
 * The pieces of a frame.
 *
 * <p>With boards of thickness t: long sides past, outside = length x (end + 2t); ends past, outside = (side + 2t) x width. So
 * a bed of 8 ft x 4 ft 3 in in 1 1/2 in boards takes two sides of 8 ft and two ends of 4 ft if the sides run past.
 *
 * <p>A bed of another shape is framed like a pinwheel: going round, each board runs past the next at a corner that juts out,
 * and at one that turns in covers the end of the board before. Corners that are not square are mitred.
 *
 * @param insideLength between the boards of the rectangle round the bed
 * @param pieces sides first, longest first; counts over all courses
 * @param spliced whether a side or an end is made up of several boards because none in stock is long enough
 */
public record FrameTakeoff(Length insideLength, Length insideWidth, Length height, List<Piece> pieces, boolean spliced) {

    /** A made-up side doesn't end in a stub shorter than this: the last two pieces share their length. Common practice. */
    static final Length SHORTEST_STUB = Length.inches(12);

    public FrameTakeoff {
        pieces = List.copyOf(pieces);
    }

    /** The frame of a bed as it is built for a season; its shape decides, whatever frame it has itself. */
    public static FrameTakeoff of(BedRevision bed, Frame frame) {
        if (bed.shape().plain()) {
            return of(bed.outline(), frame);
        }
        Length both = frame.board().thickness().times(2);
        List<Piece> pieces = new ArrayList<>(RoundTheEdge.pieces(bed, frame));
        return new FrameTakeoff(bed.outline().length().minus(both), bed.outline().width().minus(both), frame.height(),
                pieces, isSpliced(bed, frame));
    }

    /** Whether a side is longer than the longest board: the same as {@link #spliced}, without taking the pieces off. */
    public static boolean isSpliced(BedRevision bed, Frame frame) {
        return bed.shape().plain() ? of(bed.outline(), frame).spliced()
                : RoundTheEdge.longest(bed, frame).compareTo(frame.board().longest()) > 0;
    }

    public static FrameTakeoff of(Rectangle outline, Frame frame) {
        Length both = frame.board().thickness().times(2);
        Length insideLength = outline.length().minus(both);
        Length insideWidth = outline.width().minus(both);
        boolean sidesPast = frame.joint() == Joint.SIDES_PAST;
        Length side = sidesPast ? outline.length() : insideLength;
        Length end = sidesPast ? insideWidth : outline.width();
        List<Piece> pieces = new ArrayList<>();
        addPieces(Part.SIDE, side, frame, pieces);
        addPieces(Part.END, end, frame, pieces);
        Length longest = frame.board().longest();
        boolean spliced = side.compareTo(longest) > 0 || end.compareTo(longest) > 0;
        return new FrameTakeoff(insideLength, insideWidth, frame.height(), pieces, spliced);
    }

    /** Every piece as a length of its own, for laying out on boards. */
    public List<Length> lengths() {
        List<Length> lengths = new ArrayList<>();
        for (Piece piece : pieces) {
            for (int i = 0; i < piece.count(); i++) {
                lengths.add(piece.length());
            }
        }
        return lengths;
    }

    private static void addPieces(Part part, Length length, Frame frame, List<Piece> pieces) {
        List<Length> run = run(length, frame.board().longest());
        Length previous = null;
        int count = 0;
        for (Length piece : run) {
            if (previous != null && !piece.equals(previous)) {
                pieces.add(new Piece(part, previous, count * 2 * frame.courses()));
                count = 0;
            }
            previous = piece;
            count++;
        }
        pieces.add(new Piece(part, previous, count * 2 * frame.courses()));
    }

    /** One run of boards: whole ones, then the rest; a rest that would be a stub is evened out with the board before it. */
    static List<Length> run(Length length, Length longest) {
        List<Length> run = new ArrayList<>();
        Length rest = length;
        while (rest.compareTo(longest) > 0) {
            run.add(longest);
            rest = rest.minus(longest);
        }
        if (!run.isEmpty() && rest.compareTo(SHORTEST_STUB) < 0) {
            Length together = run.remove(run.size() - 1).plus(rest);
            run.add(together.minus(together.half()));
            rest = together.half();
        }
        run.add(rest);
        return run;
    }
}
