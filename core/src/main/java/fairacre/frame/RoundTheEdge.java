package fairacre.frame;

import fairacre.frame.Piece.Part;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Frame;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Boards round a bed that is no rectangle, edge by edge. */
final class RoundTheEdge {

    /** Corners within half a degree of square are butted. */
    private static final double SQUARE = Math.sin(Math.toRadians(0.5));

    private RoundTheEdge() {}

    private record Board(Part part, Length length) {}

    static List<Piece> pieces(BedRevision bed, Frame frame) {
        Map<Board, Integer> counts = new TreeMap<>(Comparator.comparing(Board::part)
                .thenComparing(Board::length, Comparator.reverseOrder()));
        for (Board edge : edges(bed, frame)) {
            for (Length piece : FrameTakeoff.run(edge.length(), frame.board().longest())) {
                counts.merge(new Board(edge.part(), piece), frame.courses(), Integer::sum);
            }
        }
        return counts.entrySet().stream().map(e -> new Piece(e.getKey().part(), e.getKey().length(), e.getValue())).toList();
    }

    static Length longest(BedRevision bed, Frame frame) {
        return edges(bed, frame).stream().map(Board::length).reduce(Length.ZERO, Length::max);
    }

    private static List<Board> edges(BedRevision bed, Frame frame) {
        Ring ring = Ring.of(bed.cornersUnplaced());
        Set<Integer> keyholes = new HashSet<>();
        bed.keyholeWalls().forEach(wall -> keyholes.addAll(List.of(wall, wall + 1, wall + 2)));
        double thickness = frame.board().thickness().metres();
        List<Board> boards = new ArrayList<>();
        for (int edge = 0; edge < ring.edges(); edge++) {
            double length = ring.edgeLength(edge) + atStart(ring, edge, thickness) + atEnd(ring, edge, thickness);
            boards.add(new Board(keyholes.contains(edge) ? Part.KEYHOLE : Part.SIDE, Length.metres(length)));
        }
        return boards;
    }

    /** A board starts behind the one before it at a square corner that juts out. */
    private static double atStart(Ring ring, int edge, double thickness) {
        return isSquare(ring, edge) ? ring.isReflex(edge) ? 0 : -thickness : mitre(ring, edge, thickness);
    }

    /** It ends at the corner, or covers the end of the next board where the bed turns in. */
    private static double atEnd(Ring ring, int edge, double thickness) {
        int corner = (edge + 1) % ring.edges();
        return isSquare(ring, corner) ? ring.isReflex(corner) ? thickness : 0 : mitre(ring, corner, thickness);
    }

    /** Mitred boards are measured on their longer face: the outer one, or the inner one where the bed turns in. */
    private static double mitre(Ring ring, int corner, double thickness) {
        if (!ring.isReflex(corner)) {
            return 0;
        }
        double turn = Math.acos(Math.max(-1, Math.min(1, cosTurn(ring, corner))));
        return thickness * Math.tan(turn / 2);
    }

    private static boolean isSquare(Ring ring, int corner) {
        return Math.abs(cosTurn(ring, corner)) < SQUARE;
    }

    /** Cosine of the angle by which the edge turns at a corner. */
    private static double cosTurn(Ring ring, int corner) {
        int before = (corner + ring.edges() - 1) % ring.edges();
        return ring.normalX(before) * ring.normalX(corner) + ring.normalY(before) * ring.normalY(corner);
    }
}
