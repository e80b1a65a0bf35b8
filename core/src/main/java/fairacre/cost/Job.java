package fairacre.cost;

import fairacre.build.Frame;
import fairacre.build.Kit;
import fairacre.build.Wall;
import fairacre.fill.FillTakeoff;
import fairacre.fill.Ingredients;
import fairacre.frame.FrameTakeoff;
import fairacre.frame.Hardware;
import fairacre.frame.HardwareStudy;
import fairacre.frame.MasonryTakeoff;
import fairacre.frame.Timber;
import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.goods.LayerKind;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;

/**
 * What one revision of a bed adds: the pieces of its frame, what holds it together, and its soil.
 *
 * <p>The first revision buys everything. A later one that keeps outline, material, board and joint and stands higher
 * buys the added courses only, with longer posts and stakes; one that stands no higher buys no boards, only what of
 * fittings, cap, legs or part-courses is new; any other builds a new frame. Soil that is in the bed is used again, so
 * only the difference is bought, of the mix that goes on top. A bed that stood already costs nothing until it is
 * rebuilt.
 *
 * @param pieces of every kind of board, posts, stakes, ties and caps among them
 * @param courses of boards that are bought, 0 to all of the frame's
 * @param hardware what holds and lines the boards that are bought, or is added to those that are there
 * @param masonry of a wall, or of the courses that are added to one
 * @param soil what of each good is added, with the base under a wall
 * @param kit the ready-made bed that is bought; empty if it is none, or if it stands already
 */
record Job(
        UUID bed,
        int season,
        int courses,
        SortedMap<BoardKind, List<Length>> pieces,
        Optional<Hardware> hardware,
        Optional<Kit> kit,
        Optional<MasonryTakeoff> masonry,
        SortedMap<BulkGood, Volume> soil) {

    static List<Job> of(Bed bed) {
        List<Job> jobs = new ArrayList<>();
        BedRevision before = null;
        for (BedRevision revision : bed.revisions()) {
            jobs.add(of(bed.id(), before, revision));
            before = revision;
        }
        return jobs;
    }

    static Job of(UUID bed, BedRevision before, BedRevision revision) {
        if (before == null && revision.existing()) {
            return new Job(
                    bed,
                    revision.from(),
                    0,
                    Collections.emptySortedMap(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Collections.emptySortedMap());
        }
        Optional<Frame> bought = bought(before, revision);
        Optional<Hardware> hardware =
                bought.map(frame -> hardware(before, revision, frame)).orElseGet(() -> added(before, revision));
        Optional<MasonryTakeoff> masonry = masonry(before, revision);
        Volume now = FillTakeoff.of(revision).volume();
        Volume there = before == null ? Volume.ZERO : FillTakeoff.of(before).volume();
        Optional<Kit> kit = revision.build()
                .kit()
                .filter(k ->
                        before == null || before.build().kit().filter(k::equals).isEmpty());
        Filling filling = there.equals(Volume.ZERO) && !revision.flat()
                ? revision.build().fill()
                : revision.build().fill().withoutBelow();
        return new Job(
                bed,
                revision.from(),
                bought.map(Frame::courses).orElse(0),
                pieces(before, revision, bought, hardware),
                hardware,
                kit,
                masonry,
                withFooting(
                        Ingredients.of(filling, now.lessOrNone(there)),
                        masonry.map(MasonryTakeoff::footing).orElse(Volume.ZERO)));
    }

    /** The base under a wall comes loose with what fills the bed, more of it than lies there when it is compacted. */
    private static SortedMap<BulkGood, Volume> withFooting(SortedMap<BulkGood, Volume> soil, Volume compacted) {
        if (compacted.equals(Volume.ZERO)) {
            return soil;
        }
        SortedMap<BulkGood, Volume> goods = new TreeMap<>(soil);
        goods.merge(BulkGood.BASE, Volume.litres(compacted.litres() * LayerKind.BASE.ordered()), Volume::plus);
        return goods;
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
