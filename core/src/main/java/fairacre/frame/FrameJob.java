package fairacre.frame;

import fairacre.build.Frame;
import fairacre.build.Kit;
import fairacre.build.Wall;
import fairacre.measure.Length;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.takeoff.BoardKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;

/**
 * What one revision of a bed adds to its frame: the pieces, and what holds them together.
 *
 * <p>The first revision buys everything. A later one that keeps outline, material, board and joint and stands higher
 * buys the added courses only, with longer posts and stakes; one that stands no higher buys no boards, only what of
 * fittings, cap, legs or part-courses is new; any other builds a new frame. A bed that stood already costs nothing
 * until it is rebuilt.
 *
 * @param courses of boards that are bought, 0 to all of the frame's
 * @param pieces of every kind of board, posts, stakes, ties and caps among them
 * @param hardware what holds and lines the boards that are bought, or is added to those that are there
 * @param kit the ready-made bed that is bought; empty if it is none, or if it stands already
 * @param masonry of a wall, or of the courses that are added to one
 */
public record FrameJob(
        UUID bed,
        int season,
        int courses,
        SortedMap<BoardKind, List<Length>> pieces,
        Optional<Hardware> hardware,
        Optional<Kit> kit,
        Optional<MasonryTakeoff> masonry) {

    /** One for each revision. */
    public static List<FrameJob> of(Bed bed) {
        List<FrameJob> jobs = new ArrayList<>();
        BedRevision before = null;
        for (BedRevision revision : bed.revisions()) {
            jobs.add(of(bed.id(), before, revision));
            before = revision;
        }
        return jobs;
    }

    /** What a bed takes that is built anew as it is, whether or not it stood before. */
    static FrameJob anew(UUID bed, BedRevision revision) {
        return of(bed, null, revision.withExisting(false));
    }

    private static FrameJob of(UUID bed, BedRevision before, BedRevision revision) {
        if (before == null && revision.existing()) {
            return new FrameJob(
                    bed,
                    revision.from(),
                    0,
                    Collections.emptySortedMap(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        }
        Optional<Frame> bought = bought(before, revision);
        Optional<Hardware> hardware =
                bought.map(frame -> hardware(before, revision, frame)).orElseGet(() -> added(before, revision));
        Optional<Kit> kit = revision.build()
                .kit()
                .filter(k ->
                        before == null || before.build().kit().filter(k::equals).isEmpty());
        return new FrameJob(
                bed,
                revision.from(),
                bought.map(Frame::courses).orElse(0),
                pieces(before, revision, bought, hardware),
                hardware,
                kit,
                masonry(before, revision));
    }

    private static Optional<MasonryTakeoff> masonry(BedRevision before, BedRevision revision) {
        Optional<Wall> old = before == null || !sameEdge(before, revision)
                ? Optional.empty()
                : before.build().wall();
        int there = old.filter(wall -> revision.build()
                        .wall()
                        .filter(now -> now.kind() == wall.kind())
                        .isPresent())
                .map(Wall::courses)
                .orElse(0);
        return MasonryTakeoff.onTop(revision, there).filter(takeoff -> takeoff.pieces() > 0);
    }

    private static Optional<Hardware> hardware(BedRevision before, BedRevision revision, Frame bought) {
        return revision.frame().filter(bought::equals).isPresent()
                ? HardwareStudy.of(revision)
                : HardwareStudy.onTop(revision, before);
    }

    /** What a frame of as many courses as before gets besides. */
    private static Optional<Hardware> added(BedRevision before, BedRevision revision) {
        if (before == null || !keepsFrame(before, revision)) {
            return Optional.empty();
        }
        return HardwareStudy.of(revision)
                .map(now -> now.beyond(HardwareStudy.of(before).orElseThrow()))
                .filter(more -> !more.nothing());
    }

    private static boolean keepsFrame(BedRevision before, BedRevision revision) {
        return before.frame().isPresent() && before.frame().equals(revision.frame()) && sameEdge(before, revision);
    }

    private static SortedMap<BoardKind, List<Length>> pieces(
            BedRevision before, BedRevision revision, Optional<Frame> bought, Optional<Hardware> hardware) {
        SortedMap<BoardKind, List<Length>> pieces = new TreeMap<>();
        revision.frame().ifPresent(frame -> {
            List<Length> boards = new ArrayList<>(bought.map(
                            courses -> FrameTakeoff.courses(revision, courses).lengths())
                    .orElse(List.of()));
            boolean wholeFrame = bought.filter(frame::equals).isPresent();
            if (wholeFrame || before != null && !before.madeUp().equals(revision.madeUp())) {
                boards.addAll(FrameTakeoff.below(revision, frame).lengths());
            }
            if (!boards.isEmpty()) {
                pieces.put(new BoardKind(frame.material(), frame.board()), boards);
            }
            for (Timber timber : hardware.map(Hardware::timber).orElse(List.of())) {
                pieces.computeIfAbsent(new BoardKind(frame.material(), timber.board()), kind -> new ArrayList<>())
                        .addAll(Collections.nCopies(timber.count(), timber.length()));
            }
        });
        return pieces;
    }

    private static Optional<Frame> bought(BedRevision before, BedRevision revision) {
        if (before == null
                || before.frame().isEmpty()
                || revision.frame().isEmpty()
                || !keepsBoards(before, revision)) {
            return revision.frame();
        }
        int added = revision.frame().get().courses() - before.frame().get().courses();
        return added > 0 ? Optional.of(revision.frame().get().withCourses(added)) : Optional.empty();
    }

    private static boolean keepsBoards(BedRevision before, BedRevision revision) {
        Frame old = before.frame().orElseThrow();
        Frame now = revision.frame().orElseThrow();
        return old.withCourses(1).equals(now.withCourses(1)) && sameEdge(before, revision);
    }

    private static boolean sameEdge(BedRevision before, BedRevision revision) {
        return before.outline().length().equals(revision.outline().length())
                && before.outline().width().equals(revision.outline().width())
                && before.shape().equals(revision.shape());
    }
}
