package fairacre.fence;

import fairacre.build.Board;
import fairacre.fence.FencePiece.Part;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.takeoff.Sawn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Boards of a fence: rails from post to post, boards upright on them with their feet off the ground, and a cap on a
 * closed one. Counts of rails are common practice: two up to 4 ft, three up to 6 ft, four above.
 */
final class FenceBoards {

    /** How far boards stay off the ground so that they don't rot (common practice); what digs wants more than that. */
    static final Length OFF_GROUND = Length.inches(1);

    private static final Length TWO_RAILS = Length.feet(4);
    private static final Length THREE_RAILS = Length.feet(6);
    private static final double ROUNDING = 1e-6;

    private FenceBoards() {}

    /** None of what is not made of boards. */
    static List<FencePiece> of(Fence fence, PostPlan posts, Units units) {
        if (!fence.kind().boarded()) {
            return List.of();
        }
        Map<Length, Integer> spans = new TreeMap<>(Comparator.reverseOrder());
        int boards = 0;
        for (PostPlan.Stretch part : posts.parts()) {
            for (int i = 1; i < part.at().size(); i++) {
                spans.merge(Sawn.length(part.at().get(i) - part.at().get(i - 1), units), 1, Integer::sum);
            }
            boards += part.straights().stream()
                    .mapToInt(metres -> boards(fence.kind(), metres, units))
                    .sum();
        }
        List<FencePiece> pieces = new ArrayList<>();
        spans.forEach((span, count) -> pieces.add(FencePiece.of(
                Part.RAIL,
                fence.timber(),
                FencePiece.frame(units),
                span.metres(),
                count * rails(fence.height()),
                units)));
        if (boards > 0) {
            pieces.add(FencePiece.of(
                    Part.BOARD,
                    fence.timber(),
                    FencePiece.cladding(units),
                    fence.height().minus(OFF_GROUND).metres(),
                    boards,
                    units));
        }
        if (fence.kind() == FenceKind.BOARDS) {
            spans.forEach((span, count) -> pieces.add(
                    FencePiece.of(Part.CAP, fence.timber(), FencePiece.frame(units), span.metres(), count, units)));
        }
        return pieces;
    }

    static int rails(Length height) {
        if (height.compareTo(TWO_RAILS) <= 0) {
            return 2;
        }
        return height.compareTo(THREE_RAILS) <= 0 ? 3 : 4;
    }

    /** The fewest that leave no wider gap than the kind has, along a straight of so many metres. */
    static int boards(FenceKind kind, double metres, Units units) {
        Board board = FencePiece.cladding(units);
        double gap = kind.opening().metres();
        return (int) Math.ceil((metres - gap) / (board.width().metres() + gap) - ROUNDING);
    }
}
