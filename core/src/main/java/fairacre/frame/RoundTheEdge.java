package fairacre.frame;

import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.frame.Piece.Part;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Boards round a bed, edge by edge, the bed unplaced: its middle at the origin, metres. */
final class RoundTheEdge {

    /** Corners within half a degree of square are butted. */
    private static final double SQUARE = Math.sin(Math.toRadians(0.5));

    private final Ring ring;
    private final Frame frame;
    private final boolean plain;
    private final Set<Integer> keyholes = new HashSet<>();

    private RoundTheEdge(BedRevision bed, Frame frame) {
        this.ring = Ring.of(bed.cornersUnplaced());
        this.frame = frame;
        this.plain = bed.shape().plain();
        bed.keyholeWalls().forEach(wall -> keyholes.addAll(List.of(wall, wall + 1, wall + 2)));
    }

    /**
     * The board, or the run of boards, along one edge, on its outer face.
     *
     * @param length exact; the places are for drawing
     */
    record Edge(Part part, Length length, double startX, double startY, double alongX, double alongY) {}

    static List<Edge> edges(BedRevision bed, Frame frame) {
        RoundTheEdge round = new RoundTheEdge(bed, frame);
        List<Edge> edges = new ArrayList<>();
        for (int edge = 0; edge < round.ring.edges(); edge++) {
            edges.add(round.edge(edge, bed));
        }
        return edges;
    }

    private Edge edge(int edge, BedRevision bed) {
        int next = (edge + 1) % ring.edges();
        double length = ring.edgeLength(edge);
        double alongX = (ring.cornerX(next) - ring.cornerX(edge)) / length;
        double alongY = (ring.cornerY(next) - ring.cornerY(edge)) / length;
        Length atStart = atStart(edge);
        Length atEnd = atEnd(edge, next);
        Length whole =
                plain ? isSide(edge) ? bed.outline().length() : bed.outline().width() : Length.metres(length);
        return new Edge(
                part(edge),
                whole.plus(atStart).plus(atEnd),
                ring.cornerX(edge) - alongX * atStart.metres(),
                ring.cornerY(edge) - alongY * atStart.metres(),
                alongX,
                alongY);
    }

    private Part part(int edge) {
        return keyholes.contains(edge) ? Part.KEYHOLE : plain && !isSide(edge) ? Part.END : Part.SIDE;
    }

    /** In a rectangle every other edge runs along its length. */
    private static boolean isSide(int edge) {
        return edge % 2 == 0;
    }

    /** A board starts behind the one before it at a square corner that juts out. */
    private Length atStart(int edge) {
        Length thickness = frame.board().thickness();
        if (isButted(edge)) {
            return ring.isReflex(edge) || runsPast(edge) ? Length.ZERO : thickness.times(-1);
        }
        return mitre(edge);
    }

    /** It ends at the corner, or covers the end of the next board where the bed turns in. */
    private Length atEnd(int edge, int corner) {
        Length thickness = frame.board().thickness();
        if (isButted(corner)) {
            boolean stops = plain && frame.joint() != Joint.PINWHEEL && !runsPast(edge);
            return ring.isReflex(corner) ? thickness : stops ? thickness.times(-1) : Length.ZERO;
        }
        return mitre(corner);
    }

    /** Whether both ends of a rectangle's board run past its neighbours. */
    private boolean runsPast(int edge) {
        return plain
                && (frame.joint() == Joint.SIDES_PAST && isSide(edge)
                        || frame.joint() == Joint.ENDS_PAST && !isSide(edge));
    }

    private boolean isButted(int corner) {
        return frame.joint() != Joint.MITRE && Math.abs(cosTurn(corner)) < SQUARE;
    }

    /** Mitred boards are measured on their longer face: the outer one, or the inner one where the bed turns in. */
    private Length mitre(int corner) {
        return ring.isReflex(corner)
                ? Length.metres(frame.board().thickness().metres() * tanHalfTurn(corner))
                : Length.ZERO;
    }

    private double tanHalfTurn(int corner) {
        return Math.tan(Math.acos(Math.max(-1, Math.min(1, cosTurn(corner)))) / 2);
    }

    /** Cosine of the angle by which the edge turns at a corner. */
    private double cosTurn(int corner) {
        int before = (corner + ring.edges() - 1) % ring.edges();
        return ring.normalX(before) * ring.normalX(corner) + ring.normalY(before) * ring.normalY(corner);
    }

    /**
     * Where the boards of one course meet, seen from above: at each corner, and where a side is made up of several.
     *
     * @param runs the boards of each edge
     */
    static List<Meeting> meetings(BedRevision bed, Frame frame, List<List<Length>> runs) {
        RoundTheEdge round = new RoundTheEdge(bed, frame);
        List<Meeting> meetings = new ArrayList<>();
        for (int edge = 0; edge < round.ring.edges(); edge++) {
            round.addMeetings(edge, round.edge(edge, bed), runs.get(edge), meetings);
        }
        return meetings;
    }

    /** A line across the boards, metres, the bed unplaced: its middle at the origin. */
    record Meeting(double fromX, double fromY, double toX, double toY) {

        /** Square across a board. */
        private static Meeting across(Edge edge, double along, double thickness) {
            double x = edge.startX() + along * edge.alongX();
            double y = edge.startY() + along * edge.alongY();
            return new Meeting(x, y, x - thickness * edge.alongY(), y + thickness * edge.alongX());
        }
    }

    private void addMeetings(int corner, Edge edge, List<Length> run, List<Meeting> meetings) {
        double thickness = frame.board().thickness().metres();
        if (!isButted(corner)) {
            meetings.add(mitred(corner, edge));
        } else if (ring.isReflex(corner) || atStart(corner).compareTo(Length.ZERO) < 0) {
            meetings.add(Meeting.across(edge, 0, thickness));
        }
        FrameTakeoff.joints(run).forEach(joint -> meetings.add(Meeting.across(edge, joint.metres(), thickness)));
        int next = (corner + 1) % ring.edges();
        if (isButted(next) && atEnd(corner, next).compareTo(Length.ZERO) < 0) {
            meetings.add(Meeting.across(edge, edge.length().metres(), thickness));
        }
    }

    /** From the outer corner to the inner one. */
    private Meeting mitred(int corner, Edge edge) {
        double thickness = frame.board().thickness().metres();
        double along = thickness * tanHalfTurn(corner) * (ring.isReflex(corner) ? -1 : 1);
        double x = ring.cornerX(corner);
        double y = ring.cornerY(corner);
        return new Meeting(
                x,
                y,
                x + along * edge.alongX() - thickness * edge.alongY(),
                y + along * edge.alongY() + thickness * edge.alongX());
    }

    /** Cap boards, mitred, standing out by so much: the longer face of each. */
    static List<Length> outTo(BedRevision bed, Frame frame, Length out) {
        RoundTheEdge round = new RoundTheEdge(bed, frame);
        List<Length> lengths = new ArrayList<>();
        for (int edge = 0; edge < round.ring.edges(); edge++) {
            int next = (edge + 1) % round.ring.edges();
            lengths.add(Length.metres(round.ring.edgeLength(edge) + round.outAt(edge, out) + round.outAt(next, out)));
        }
        return lengths;
    }

    /** At a corner that turns in the longer face is the inner one, flush with the frame's inside. */
    private double outAt(int corner, Length out) {
        return (ring.isReflex(corner) ? frame.board().thickness() : out).metres() * tanHalfTurn(corner);
    }
}
