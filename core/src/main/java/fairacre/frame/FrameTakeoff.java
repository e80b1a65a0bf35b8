package fairacre.frame;

import fairacre.build.Frame;
import fairacre.frame.RoundTheEdge.Edge;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The pieces of a frame.
 *
 * <p>With boards of thickness t: long sides past, outside = length x (end + 2t); ends past, outside = (side + 2t) x
 * width; pinwheel, outside = (a + t) x (b + t). So a bed of 8 ft x 4 ft 3 in in 1 1/2 in boards takes two sides of 8 ft
 * and two ends of 4 ft if the sides run past.
 *
 * <p>A bed of another shape is framed like a pinwheel: going round, each board runs past the next at a corner that juts
 * out, and at one that turns in covers the end of the board before. Corners that are not square are mitred.
 *
 * <p>A side that is longer than the longest board is a run of several. Courses are staggered: no joint stands over one
 * of the course below, or nearer to it than {@link #SHORTEST_STUB}.
 *
 * @param pieces sides first, longest first; counts over all courses
 */
public record FrameTakeoff(List<Piece> pieces) {

    /**
     * A made-up side doesn't end in a stub shorter than this: the last two pieces share their length. Common practice.
     */
    static final Length SHORTEST_STUB = Length.inches(12);

    /**
     * With what share of a board a course may begin that is shifted against the one below; the first that serves is
     * taken.
     */
    private static final List<Double> FIRST_BOARDS = List.of(0.5, 0.4, 0.6, 0.3, 0.7);

    public FrameTakeoff {
        pieces = List.copyOf(pieces);
    }

    private record Kind(Piece.Part part, Length length) {}

    /** The frame of a bed as it is built for a season; its shape decides, whatever frame it has itself. */
    public static FrameTakeoff of(BedRevision bed, Frame frame) {
        List<Piece> pieces = new ArrayList<>(courses(bed, frame).pieces());
        pieces.addAll(below(bed, frame).pieces());
        return new FrameTakeoff(pieces);
    }

    /** Part-courses alone. */
    public static FrameTakeoff below(BedRevision bed, Frame frame) {
        SortedMap<Length, Integer> counts = new TreeMap<>(Comparator.reverseOrder());
        PartCourses.of(bed, frame).forEach(piece -> counts.merge(piece.length(), 1, Integer::sum));
        return new FrameTakeoff(counts.entrySet().stream()
                .map(e -> new Piece(Piece.Part.PART_COURSE, e.getKey(), e.getValue()))
                .toList());
    }

    /** Whole courses alone. */
    public static FrameTakeoff courses(BedRevision bed, Frame frame) {
        Map<Kind, Integer> counts =
                new TreeMap<>(Comparator.comparing(Kind::part).thenComparing(Kind::length, Comparator.reverseOrder()));
        for (Edge edge : RoundTheEdge.edges(bed, frame)) {
            for (int course = 0; course < frame.courses(); course++) {
                run(edge.length(), frame.board().longest(), course)
                        .forEach(length -> counts.merge(new Kind(edge.part(), length), 1, Integer::sum));
            }
        }
        return new FrameTakeoff(counts.entrySet().stream()
                .map(e -> new Piece(e.getKey().part(), e.getKey().length(), e.getValue()))
                .toList());
    }

    /** The same boards one by one, part-courses first, then course by course from the ground, going round the bed. */
    public static List<PlacedPiece> placed(BedRevision bed, Frame frame) {
        List<PlacedPiece> placed = new ArrayList<>(PartCourses.of(bed, frame));
        List<Edge> edges = RoundTheEdge.edges(bed, frame);
        for (int course = 0; course < frame.courses(); course++) {
            for (Edge edge : edges) {
                double at = 0;
                for (Length length : run(edge.length(), frame.board().longest(), course)) {
                    placed.add(new PlacedPiece(
                            edge.part(),
                            course + 1,
                            length,
                            edge.startX() + at * edge.alongX(),
                            edge.startY() + at * edge.alongY(),
                            edge.alongX(),
                            edge.alongY()));
                    at += length.metres();
                }
            }
        }
        return placed;
    }

    /** Whether a side is longer than the longest board. */
    public static boolean isSpliced(BedRevision bed, Frame frame) {
        return RoundTheEdge.edges(bed, frame).stream()
                .anyMatch(edge -> edge.length().compareTo(frame.board().longest()) > 0);
    }

    /** Every piece as a length of its own, for laying out on boards. */
    public List<Length> lengths() {
        return pieces.stream()
                .flatMap(piece -> Collections.nCopies(piece.count(), piece.length()).stream())
                .toList();
    }

    /**
     * One run of boards: whole ones, then the rest; a rest that would be a stub is evened out with the board before it.
     * Every other course is laid the other way round, or begins with part of a board where that would bring joint over
     * joint.
     *
     * @param course the lowest is 0
     */
    static List<Length> run(Length length, Length longest, int course) {
        List<Length> run = run(length, longest);
        if (course % 2 == 0 || run.size() == 1) {
            return run;
        }
        List<Length> turned = new ArrayList<>(run);
        Collections.reverse(turned);
        List<List<Length>> choices = new ArrayList<>(List.of(turned));
        FIRST_BOARDS.forEach(
                share -> choices.add(startingWith(Length.metres(longest.metres() * share), length, longest)));
        return choices.stream()
                .filter(choice -> areApart(run, choice))
                .findFirst()
                .orElse(choices.get(1));
    }

    private static List<Length> startingWith(Length first, Length length, Length longest) {
        List<Length> run = new ArrayList<>(List.of(first));
        run.addAll(run(length.minus(first), longest));
        return run;
    }

    private static List<Length> run(Length length, Length longest) {
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

    private static boolean areApart(List<Length> one, List<Length> other) {
        List<Length> joints = joints(one);
        return joints(other).stream()
                .allMatch(joint -> joints.stream()
                        .allMatch(below -> Length.max(joint, below)
                                        .minus(Length.min(joint, below))
                                        .compareTo(SHORTEST_STUB)
                                >= 0));
    }

    /** How far from the start of a run its joints are. */
    static List<Length> joints(List<Length> run) {
        return IntStream.range(1, run.size())
                .mapToObj(i -> run.subList(0, i).stream().reduce(Length.ZERO, Length::plus))
                .collect(Collectors.toList());
    }
}
