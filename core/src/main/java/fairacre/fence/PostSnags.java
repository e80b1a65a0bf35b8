package fairacre.fence;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.WayIn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Posts that would have to be dug in where nothing may be dug, and spans over such ground that are too long. */
final class PostSnags {

    /** A corner or a gate is moved in such steps, so far at most, in so many directions, metres. */
    private static final double STEP = 0.1;

    private static final int FURTHEST = 30;
    private static final int DIRECTIONS = 16;
    /** So many places are tried: each is judged. */
    private static final int MOST_TRIED = 24;

    private final SnagContext context;

    PostSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        return FenceStudy.of(context.plan(), context.season(), context.standing(), context.memo()).fences().stream()
                .flatMap(told -> {
                    Fence fence = context.plan().list(FenceKinds.FENCES).stream()
                            .filter(each -> each.id().equals(told.fence()))
                            .findFirst()
                            .orElseThrow();
                    return Stream.of(
                                    told.posts().stream()
                                            .filter(post -> post.blocked().isPresent())
                                            .map(post -> blocked(fence, post)),
                                    told.tooLong().stream().map(span -> tooLong(fence, span)),
                                    rotting(fence).stream())
                            .flatMap(part -> part);
                })
                .toList();
    }

    private Snag blocked(Fence fence, Post post) {
        return Snag.of(
                        FenceRule.POST_BLOCKED,
                        Weight.SERIOUS,
                        "Post " + post.mark() + " of " + fence.name() + " would be dug in where "
                                + post.blocked().orElseThrow() + " is.",
                        Optional.of(post.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> elsewhere(fence, post)))
                .about(context.ref(fence.id()));
    }

    private List<Remedy> elsewhere(Fence fence, Post post) {
        List<Remedy> remedies = new ArrayList<>();
        moves(fence, post)
                .filter(move -> isFree(move.change(), fence, move.place()))
                .limit(MOST_TRIED)
                .filter(move -> context.isSound(move.change()))
                .findFirst()
                .ifPresent(move -> remedies.add(new Remedy(
                        "Move post " + post.mark() + " "
                                + context.wording().length(move.place().distance(post.place())),
                        move.change())));
        Optional.of(fence.kind())
                .filter(kind ->
                        fence.posts() != PostKind.DRIVEN_STEEL && fence.posts().dug())
                .map(kind -> new Remedy(
                        "Drive steel posts instead of digging holes for " + fence.name(),
                        Put.of(fence.with(PostKind.DRIVEN_STEEL))))
                .ifPresent(remedies::add);
        remedies.add(takenDown(fence));
        return remedies;
    }

    private static Remedy takenDown(Fence fence) {
        return new Remedy("Do without " + fence.name(), new Remove<>(FenceKinds.FENCES, fence.id()));
    }

    /** A change with where the post stands after it. */
    private record Move(Point place, Change change) {}

    private boolean isFree(Change change, Fence fence, Point place) {
        return context.plan().apply(change) instanceof Outcome.Applied applied
                && FenceStudy.of(applied.plan(), context.season(), context.standing(), context.trials())
                        .fences()
                        .stream()
                        .filter(told -> told.fence().equals(fence.id()))
                        .flatMap(told -> told.posts().stream())
                        .filter(post -> post.place().distance(place).metres() < STEP)
                        .allMatch(post -> post.blocked().isEmpty());
    }

    /** Nearest first: a corner or an end in all directions, a gate along the fence. */
    private Stream<Move> moves(Fence fence, Post post) {
        if (fence.fixed().stream()
                .anyMatch(fixed -> fixed.distance(post.place()).metres() < STEP)) {
            return Stream.of(new Move(
                    post.place(),
                    Put.of(fence.withFixed(fence.fixed().stream()
                            .filter(fixed -> fixed.distance(post.place()).metres() >= STEP)
                            .toList()))));
        }
        return post.role() == Post.Role.GATE ? gates(post) : corners(fence, post);
    }

    private Stream<Move> gates(Post post) {
        Optional<WayIn> gate = context.setting().gates().stream()
                .min(Comparator.comparing((WayIn each) -> each.place().distance(post.place())));
        return gate.stream().flatMap(each -> {
            double away = each.place().distance(post.place()).metres();
            double dx = each.place().x().minus(post.place().x()).metres() / away;
            double dy = each.place().y().minus(post.place().y()).metres() / away;
            return IntStream.rangeClosed(1, FURTHEST)
                    .boxed()
                    .flatMap(i -> Stream.of(i * STEP, -i * STEP))
                    .map(off -> new Move(
                            shifted(post.place(), dx * off, dy * off),
                            Put.of(each.withPlace(shifted(each.place(), dx * off, dy * off)))));
        });
    }

    private static Point shifted(Point place, double dx, double dy) {
        return place.plus(Length.metres(dx), Length.metres(dy));
    }

    private static Stream<Move> corners(Fence fence, Post post) {
        return IntStream.rangeClosed(1, FURTHEST)
                .boxed()
                .flatMap(i -> IntStream.range(0, DIRECTIONS).mapToObj(direction -> {
                    double angle = 2 * Math.PI * direction / DIRECTIONS;
                    return shifted(post.place(), i * STEP * Math.cos(angle), i * STEP * Math.sin(angle));
                }))
                .flatMap(place -> bent(fence, post.place(), place).stream());
    }

    /** The fence with a corner at another place; nothing where it would cross itself. */
    private static Optional<Move> bent(Fence fence, Point from, Point to) {
        List<Point> places = fence.places().stream()
                .map(place -> place.distance(from).metres() < STEP / 2 ? to : place)
                .toList();
        return fence.ifSoundAlong(places).map(moved -> new Move(to, Put.of(moved)));
    }

    private Snag tooLong(Fence fence, FenceTold.LongSpan span) {
        return Snag.of(
                        FenceRule.SPAN_TOO_LONG,
                        Weight.WARNING,
                        "Two posts of " + fence.name() + " are "
                                + context.wording().length(span.span())
                                + " apart, since nothing may be dug between them: it bears "
                                + context.wording().length(fence.kind().span()) + ".",
                        Optional.of(span.middle()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> wider(fence, span.span())))
                .about(context.ref(fence.id()))
                .by(span.span().minus(fence.kind().span()).metres());
    }

    private Optional<Snag> rotting(Fence fence) {
        int posts = fence.posts().years();
        int hung = fence.kind().years();
        if (2 * posts >= hung) {
            return Optional.empty();
        }
        return Optional.of(Snag.of(
                        FenceRule.POSTS_ROT_FIRST,
                        Weight.NOTE,
                        "The posts of " + fence.name() + " last about " + posts + " years, what hangs on them about "
                                + hung + ".",
                        Optional.of(fence.places().get(0)),
                        List.of(),
                        List.of(),
                        context.remedies(() -> Arrays.stream(PostKind.values())
                                .filter(PostKind::lasting)
                                .sorted(Comparator.comparing(PostKind::dug))
                                .map(kind -> new Remedy(
                                        "Stand " + fence.name() + " on "
                                                + kind.label().toLowerCase(Locale.ROOT),
                                        Put.of(fence.with(kind))))
                                .toList()))
                .about(context.ref(fence.id()))
                .by(hung - posts));
    }

    /** Of something that bears the span. */
    private List<Remedy> wider(Fence fence, Length span) {
        return Stream.concat(
                        Arrays.stream(FenceKind.values())
                                .filter(kind -> kind.span().compareTo(span) >= 0)
                                .map(kind -> new Remedy(
                                        "Make " + fence.name() + " of "
                                                + kind.label().substring(0, 1).toLowerCase(Locale.ROOT)
                                                + kind.label().substring(1),
                                        Put.of(fence.of(kind)))),
                        Stream.of(takenDown(fence)))
                .toList();
    }
}
