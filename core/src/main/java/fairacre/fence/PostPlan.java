package fairacre.fence;

import fairacre.ground.Levels;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import fairacre.shape.Intervals.Interval;
import fairacre.takeoff.Sawn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * The posts of one fence in a setting. Posts stand at each bend, at each end, on either side of each way in and where
 * the gardener fixed one; between these, sides are divided into spans.
 *
 * @param parts posts of each part of the fence between ways in, in order; the last of a ring is its first again
 * @param tooLong spans longer than the kind of fence allows
 */
record PostPlan(Fence fence, List<Stretch> parts, List<FenceTold.LongSpan> tooLong) {

    /** A slighter bend is none for a fence, degrees: no post is needed that bears more than the others. */
    private static final double BEND = 10;
    /** A fixed post this far from the fence is none of it, metres. */
    private static final double FIXED = 0.5;

    private static final double TOUCHING = 1e-6;

    PostPlan {
        parts = List.copyOf(parts);
        tooLong = List.copyOf(tooLong);
    }

    /**
     * The posts of a part of the fence, and how far along it each stands.
     *
     * @param step between its spans, by which its posts are longer; zero where it follows the ground
     */
    record Stretch(List<Post> posts, List<Double> at, Length step) {
        Stretch {
            posts = List.copyOf(posts);
            at = List.copyOf(at);
        }

        /** How long it is from each end or corner to the next, metres. */
        List<Double> straights() {
            List<Double> straights = new ArrayList<>();
            int first = 0;
            for (int i = 1; i < posts.size(); i++) {
                if (posts.get(i).role().ends() || i == posts.size() - 1) {
                    straights.add(at.get(i) - at.get(first));
                    first = i;
                }
            }
            return straights;
        }
    }

    /** The highest step between two spans; zero where it follows the ground. */
    Length step() {
        return parts.stream().map(Stretch::step).reduce(Length.ZERO, Length::max);
    }

    List<Post> posts() {
        return parts.stream().flatMap(part -> part.posts().stream()).toList();
    }

    /** Between which the fence is stretched: from each corner, end and gate to the next. */
    int stretches() {
        return (int) parts.stream()
                .map(part ->
                        part.posts().stream().filter(post -> post.role().ends()).count() - 1)
                .mapToLong(count -> Math.max(count, 0))
                .sum();
    }

    static PostPlan of(
            Fence fence,
            Setting setting,
            List<StandingBed> standing,
            Optional<Levels> levels,
            Length frost,
            Units units) {
        return new Maker(fence, setting, standing, levels, frost, units).make();
    }

    private static final class Maker {

        private final Fence fence;
        private final FenceLine line;
        private final List<WayIn> gates;
        private final Optional<Levels> levels;
        private final Length frost;
        private final Units units;
        private final DigGround rows;
        private final DigGround strong;
        private final List<FenceTold.LongSpan> tooLong = new ArrayList<>();

        Maker(
                Fence fence,
                Setting setting,
                List<StandingBed> standing,
                Optional<Levels> levels,
                Length frost,
                Units units) {
            this.fence = fence;
            this.line = FenceLine.of(fence.standing(), setting);
            this.gates = FenceLine.gates(fence.standing(), setting);
            this.levels = levels;
            this.frost = frost;
            this.units = units;
            this.rows = ground(setting, standing, false);
            this.strong = ground(setting, standing, true);
        }

        private DigGround ground(Setting setting, List<StandingBed> standing, boolean stronger) {
            boolean there = fence.lifetime().from().isEmpty() || fence.posts() == PostKind.EXISTING;
            boolean inBeds = fence.foot().way() == FenceFoot.Way.BED;
            return new DigGround(
                    fence.id(),
                    there ? Setting.of(setting.site()) : setting,
                    there || inBeds ? List.of() : standing,
                    fence.posts().width(stronger),
                    PostDepth.hole(fence.posts(), stronger));
        }

        PostPlan make() {
            return new PostPlan(fence, line.parts().stream().map(this::part).toList(), tooLong);
        }

        private Stretch part(List<Point> places) {
            List<Post> posts = new ArrayList<>();
            List<Double> at = new ArrayList<>();
            List<Coordinate> stations = stations(places);
            besideGate(places, stations, 0, 1);
            besideGate(places, stations, stations.size() - 1, stations.size() - 2);
            double along = 0;
            for (int i = 0; i < stations.size(); i++) {
                Post.Role role = role(places, stations, i);
                add(posts, at, along, stations.get(i), role, 0);
                if (i + 1 < stations.size()) {
                    LineSegment side = new LineSegment(stations.get(i), stations.get(i + 1));
                    between(side, along, posts, at);
                    along += side.getLength();
                }
            }
            Length step = levels.map(lie -> FenceLie.step(fence.kind(), posts, at, lie))
                    .orElse(Length.ZERO);
            return new Stretch(
                    braced(posts).stream().map(post -> longer(post, step)).toList(), at, step);
        }

        private Post longer(Post post, Length step) {
            return step.isPositive()
                    ? post.cutFrom(PostDepth.bought(
                            fence.posts(), fence.height().plus(post.depth()).plus(step), units))
                    : post;
        }

        /** A gate's post stands beside what has to be free; in a stretch too short for that it stands at its end. */
        private void besideGate(List<Point> places, List<Coordinate> stations, int end, int next) {
            if (role(places, stations, end) != Post.Role.GATE) {
                return;
            }
            LineSegment side = new LineSegment(stations.get(end), stations.get(next));
            double off = gate(stations.get(end))
                                    .map(gate -> between(gate) - gate.width().metres())
                                    .orElse(0.0)
                            / 2
                    + fence.posts().width(true).metres() / 2;
            if (off < side.getLength() / 2) {
                stations.set(end, side.pointAlong(off / side.getLength()));
            }
        }

        private Optional<WayIn> gate(Coordinate post) {
            return gates.stream()
                    .min(Comparator.comparingDouble(gate ->
                            at(gate.place()).distance(post) - gate.width().metres() / 2));
        }

        private double between(WayIn gate) {
            return GateMaker.of(gate, Optional.of(fence), units)
                    .map(GateMaker::between)
                    .orElse(gate.width().metres());
        }

        private void between(LineSegment side, double along, List<Post> posts, List<Double> at) {
            double length = side.getLength();
            List<Interval> blocked = rows.blocked(side);
            Spans spans = Spans.of(length, fence.kind().span().metres(), blocked);
            int count = spans.posts().size();
            for (int i = 0; i < count; i++) {
                double place = spans.posts().get(i);
                double even = length * (i + 1) / (count + 1);
                add(
                        posts,
                        at,
                        along + place,
                        side.pointAlong(place / length),
                        Post.Role.LINE,
                        blocked.isEmpty() ? 0 : Math.abs(place - even));
            }
            if (!spans.fits()) {
                double from = 0;
                for (double to :
                        Stream.concat(spans.posts().stream(), Stream.of(length)).toList()) {
                    if (to - from > fence.kind().span().metres() + TOUCHING) {
                        Coordinate middle = side.pointAlong((from + to) / 2 / length);
                        tooLong.add(new FenceTold.LongSpan(Point.metres(middle.x, middle.y), Length.metres(to - from)));
                    }
                    from = to;
                }
            }
        }

        private void add(
                List<Post> posts, List<Double> at, double along, Coordinate place, Post.Role role, double shifted) {
            Length depth = depth(place, role);
            posts.add(new Post(
                    "",
                    Point.metres(place.x, place.y),
                    role,
                    depth,
                    PostDepth.bought(fence.posts(), fence.height().plus(depth), units),
                    Length.metres(shifted),
                    (role.strong() ? strong : rows).blocking(place)));
            at.add(along);
        }

        /** A post that a leaf hangs on stands deeper where the leaf asks for it. */
        private Length depth(Coordinate place, Post.Role role) {
            Length usual = PostDepth.of(fence.posts(), fence.height(), frost);
            return role != Post.Role.GATE
                    ? usual
                    : gate(place)
                            .flatMap(gate -> GateMaker.of(gate, Optional.of(fence), units))
                            .flatMap(GateMaker::post)
                            .map(load ->
                                    Length.max(usual, Sawn.length(load.depth().metres(), units)))
                            .orElse(usual);
        }

        /** Of a stretched fence the next post to each that it is stretched from bears with it. */
        private List<Post> braced(List<Post> posts) {
            if (!fence.kind().tensioned()) {
                return posts;
            }
            List<Post> braced = new ArrayList<>();
            for (int i = 0; i < posts.size(); i++) {
                Post post = posts.get(i);
                boolean next = post.role() == Post.Role.LINE && (isEnd(posts, i - 1) || isEnd(posts, i + 1));
                braced.add(next ? post.as(Post.Role.BRACE) : post);
            }
            return braced;
        }

        private static boolean isEnd(List<Post> posts, int i) {
            return i >= 0 && i < posts.size() && posts.get(i).role().ends();
        }

        /** Every bend of a part, and every post that is fixed by hand, in order along it. */
        private List<Coordinate> stations(List<Point> places) {
            List<Coordinate> stations = new ArrayList<>();
            for (int i = 0; i + 1 < places.size(); i++) {
                LineSegment side = new LineSegment(at(places.get(i)), at(places.get(i + 1)));
                stations.add(side.p0);
                fence.fixed().stream()
                        .map(Maker::at)
                        .filter(post -> isNearest(post, side))
                        .map(side::closestPoint)
                        .filter(post -> post.distance(side.p0) > TOUCHING && post.distance(side.p1) > TOUCHING)
                        .sorted(Comparator.comparingDouble(side.p0::distance))
                        .distinct()
                        .forEach(stations::add);
            }
            stations.add(at(places.get(places.size() - 1)));
            return stations;
        }

        private boolean isNearest(Coordinate post, LineSegment side) {
            double off = side.distance(post);
            return off <= FIXED
                    && line.parts().stream()
                            .flatMap(Maker::sides)
                            .allMatch(other -> other.distance(post) >= off - TOUCHING);
        }

        private static Stream<LineSegment> sides(List<Point> places) {
            return Stream.iterate(0, i -> i + 1)
                    .limit(places.size() - 1L)
                    .map(i -> new LineSegment(at(places.get(i)), at(places.get(i + 1))));
        }

        private Post.Role role(List<Point> places, List<Coordinate> stations, int i) {
            boolean first = i == 0;
            boolean last = i == stations.size() - 1;
            if (!first && !last) {
                return bends(stations.get(i - 1), stations.get(i), stations.get(i + 1))
                        ? Post.Role.CORNER
                        : Post.Role.LINE;
            }
            if (Fence.isRing(places)) {
                return bends(stations.get(stations.size() - 2), stations.get(0), stations.get(1))
                        ? Post.Role.CORNER
                        : Post.Role.LINE;
            }
            Point end = first ? places.get(0) : places.get(places.size() - 1);
            List<Point> all = fence.places();
            if (fence.closed() && end.equals(all.get(0))) {
                return bends(at(all.get(all.size() - 2)), at(all.get(0)), at(all.get(1)))
                        ? Post.Role.CORNER
                        : Post.Role.LINE;
            }
            return end.equals(all.get(0)) || end.equals(all.get(all.size() - 1)) ? Post.Role.END : Post.Role.GATE;
        }

        private static boolean bends(Coordinate before, Coordinate here, Coordinate after) {
            double in = Math.atan2(here.y - before.y, here.x - before.x);
            double out = Math.atan2(after.y - here.y, after.x - here.x);
            double turn = Math.abs(in - out);
            return Math.toDegrees(Math.min(turn, 2 * Math.PI - turn)) > BEND;
        }

        private static Coordinate at(Point place) {
            return new Coordinate(place.x().metres(), place.y().metres());
        }
    }

    /**
     * How long each brace is: from each corner, end and gate of a stretched fence to the post beside it, on either side
     * of it. None of a fence that is not stretched.
     */
    List<Length> braces() {
        return fence.kind().tensioned()
                ? parts.stream().flatMap(PostPlan::braces).toList()
                : List.of();
    }

    private static Stream<Length> braces(Stretch part) {
        return Stream.iterate(1, i -> i + 1)
                .limit(Math.max(0, part.posts().size() - 1))
                .flatMap(i -> {
                    Length span = Length.metres(part.at().get(i) - part.at().get(i - 1));
                    long ends = Stream.of(part.posts().get(i - 1), part.posts().get(i))
                            .filter(post -> post.role().ends())
                            .count();
                    return Stream.generate(() -> span).limit(ends);
                });
    }

    /** The widest span; empty where each part has one post. */
    Optional<Length> widest() {
        return parts.stream()
                .flatMap(part -> Stream.iterate(1, i -> i + 1)
                        .limit(Math.max(0, part.at().size() - 1))
                        .map(i -> part.at().get(i) - part.at().get(i - 1)))
                .max(Double::compare)
                .map(Length::metres);
    }
}
