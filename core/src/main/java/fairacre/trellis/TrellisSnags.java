package fairacre.trellis;

import fairacre.fence.PostKind;
import fairacre.fence.PushedPost;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Trellises that stand beside no soil, whose posts give way to wind or crop, or whose canes don't meet. */
final class TrellisSnags {

    /** More than half of its line has soil within reach of roots. */
    private static final double ENOUGH = 0.5;

    private static final int FEW = 3;
    /** From 6 m down to a tenth of a millimetre. */
    private static final int HALVINGS = 16;

    private final SnagContext context;
    private final TrellisStudy study;

    TrellisSnags(SnagContext context) {
        this.context = context;
        this.study = TrellisStudy.of(context.plan(), context.season(), context.standing());
    }

    List<Snag> find() {
        return TrellisKinds.trellises(context.plan(), context.season()).stream()
                .flatMap(trellis -> Stream.of(offBed(trellis), weak(trellis), overloaded(trellis), shortCane(trellis))
                        .flatMap(Optional::stream))
                .toList();
    }

    private Optional<Snag> offBed(Trellis trellis) {
        double along = study.alongSoil(trellis);
        if (along >= ENOUGH) {
            return Optional.empty();
        }
        String much = along == 0 ? "none" : "less than half";
        return Optional.of(snag(
                        TrellisRule.TRELLIS_OFF_BED,
                        trellis,
                        "In " + context.season() + " " + much + " of " + trellis.name() + " stands within "
                                + length(Length.metres(TrellisStudy.NEAR)) + " of the soil of a bed.",
                        () -> Stream.concat(elsewhere(trellis), Stream.of(without(trellis)))
                                .toList())
                .by(ENOUGH - along));
    }

    /** Along sides of beds that are as long, the nearest first; its middle lies in the middle of theirs. */
    private Stream<Remedy> elsewhere(Trellis trellis) {
        Point middle = middle(trellis.places());
        double length = trellis.length().metres();
        return study.soil().patches().stream()
                .flatMap(patch -> TrellisSides.of(patch).stream())
                .filter(side -> side.from().distance(side.to()).metres() >= length
                        || trellis.places().size() == 2)
                .sorted(Comparator.comparingDouble(
                        side -> middle(side.places()).distance(middle).metres()))
                .limit(FEW)
                .map(side ->
                        new Remedy("Put it along " + side.bed().name(), Put.of(trellis.along(within(side, length)))));
    }

    private static List<Point> within(TrellisSides.Side side, double length) {
        double all = side.from().distance(side.to()).metres();
        double out = Math.max(0, (all - length) / 2 / all);
        return List.of(between(side, out), between(side, 1 - out));
    }

    private static Point between(TrellisSides.Side side, double share) {
        double x = side.from().x().metres();
        double y = side.from().y().metres();
        return Point.metres(
                x + share * (side.to().x().metres() - x),
                y + share * (side.to().y().metres() - y));
    }

    private Optional<Snag> weak(Trellis trellis) {
        return post(trellis)
                .filter(TrellisSnags::isWeak)
                .map(post -> snag(
                                TrellisRule.TRELLIS_POST_WEAK,
                                trellis,
                                words(trellis, post),
                                () -> Stream.of(closer(trellis), other(trellis), lower(trellis))
                                        .flatMap(part -> part)
                                        .toList())
                        .by(Math.max(post.stress() / post.allowed() - 1, 0)
                                + Math.max(post.whole().minus(post.bought()).metres(), 0)));
    }

    private String words(Trellis trellis, PushedPost post) {
        return post.bends()
                ? String.format(
                        Locale.ROOT,
                        "In full leaf a %s pushes each post of %s with %.1f times what it bears before it bends.",
                        trellis.wind().called(),
                        trellis.name(),
                        post.stress() / post.allowed())
                : "The posts of " + trellis.name() + " would have to be " + length(post.whole())
                        + " long to hold in soft ground; the longest on sale are " + length(post.bought()) + ".";
    }

    private static boolean isWeak(PushedPost post) {
        return post.bends() || post.tooLong();
    }

    private Optional<PushedPost> post(Trellis trellis) {
        return new TrellisFrame(context.plan(), trellis).post();
    }

    /** Against the wind, and under what hangs on it. */
    private boolean holds(Trellis trellis) {
        Optional<PushedPost> post = post(trellis);
        return post.filter(TrellisSnags::isWeak).isEmpty()
                && study.crop(trellis).holds(post);
    }

    private Optional<Snag> overloaded(Trellis trellis) {
        FullCrop crop = study.crop(trellis);
        Optional<PushedPost> row = post(trellis);
        return crop.end()
                .filter(end -> !crop.holds(row))
                .map(end -> snag(
                                TrellisRule.TRELLIS_OVERLOADED,
                                trellis,
                                overload(trellis, crop, end, row.orElseThrow()),
                                () -> Stream.of(closer(trellis), stiff(trellis), other(trellis), lower(trellis))
                                        .flatMap(part -> part)
                                        .toList())
                        .by(Math.max(end.stress() / end.allowed() - 1, 0)
                                + Math.max(
                                        end.wanted()
                                                .minus(row.orElseThrow().depth())
                                                .metres(),
                                        0)));
    }

    private String overload(Trellis trellis, FullCrop crop, PushedPost end, PushedPost row) {
        String hangs = "In full crop about " + context.wording().mass(crop.kilograms()) + " hang on " + trellis.name();
        return end.bends()
                ? hangs
                        + String.format(
                                Locale.ROOT,
                                " and pull each post at its ends with %.1f times what it bears before it bends.",
                                end.stress() / end.allowed())
                : hangs + ": the posts at its ends would have to stand " + length(end.wanted())
                        + " deep in soft ground, and stand " + length(row.depth()) + " deep.";
    }

    /** What is stiff doesn't pull at its posts. */
    private Stream<Remedy> stiff(Trellis trellis) {
        return Stream.of(trellis.of(TrellisKind.PANEL))
                .filter(this::holds)
                .map(other -> new Remedy("Hang stiff panels on its posts instead", Put.of(other)));
    }

    /** With the widest spacing at which they hold. */
    private Stream<Remedy> closer(Trellis trellis) {
        Length widest = most(Trellis.NEAREST, trellis.apart(), apart -> holds(trellis.spaced(apart)));
        return Stream.of(context.wording().tidyDown(widest))
                .filter(apart -> apart.compareTo(Trellis.NEAREST) >= 0)
                .map(trellis::spaced)
                .filter(this::holds)
                .map(other -> new Remedy(
                        "Set its posts " + length(other.apart()) + " apart: "
                                + new TrellisFrame(context.plan(), other)
                                        .marks()
                                        .size() + " posts",
                        Put.of(other)));
    }

    private Stream<Remedy> other(Trellis trellis) {
        return Stream.of(PostKind.WOOD_IN_GRAVEL, PostKind.WOOD_IN_CONCRETE, PostKind.DRIVEN_STEEL)
                .filter(kind -> kind != trellis.posts())
                .map(trellis::on)
                .filter(this::holds)
                .limit(1)
                .map(other ->
                        new Remedy("Take posts of " + other.posts().label().toLowerCase(Locale.ROOT), Put.of(other)));
    }

    /** As high as they hold. */
    private Stream<Remedy> lower(Trellis trellis) {
        Length highest = most(Trellis.LOWEST, trellis.height(), height -> holds(trellis.high(height)));
        return Stream.of(context.wording().tidyDown(highest))
                .filter(height -> height.compareTo(Trellis.LOWEST) >= 0)
                .map(trellis::high)
                .filter(this::holds)
                .map(other -> new Remedy("Make it " + length(other.height()) + " high", Put.of(other)));
    }

    private Optional<Snag> shortCane(Trellis trellis) {
        TrellisFrame frame = new TrellisFrame(context.plan(), trellis);
        if (trellis.kind() != TrellisKind.TEEPEE || frame.caneBought().isPresent()) {
            return Optional.empty();
        }
        Length longest =
                TrellisFrame.canesOnSale(context.plan().units()).stream().reduce(Length.ZERO, Length::max);
        return Optional.of(snag(
                        TrellisRule.TRELLIS_CANE_SHORT,
                        trellis,
                        "The canes of " + trellis.name() + " would have to be " + length(frame.cane())
                                + " long; the longest on sale are " + length(longest) + ".",
                        () -> Stream.concat(lowerTeepee(trellis), Stream.of(without(trellis)))
                                .toList())
                .by(frame.cane().minus(longest).metres()));
    }

    private Stream<Remedy> lowerTeepee(Trellis trellis) {
        Length highest = most(Trellis.LOWEST, trellis.height(), height -> hasCanes(trellis.high(height)));
        return Stream.of(context.wording().tidyDown(highest))
                .filter(height -> height.compareTo(Trellis.LOWEST) >= 0)
                .map(trellis::high)
                .filter(this::hasCanes)
                .map(other -> new Remedy("Make it " + length(other.height()) + " high", Put.of(other)));
    }

    private boolean hasCanes(Trellis trellis) {
        return new TrellisFrame(context.plan(), trellis).caneBought().isPresent();
    }

    /** The most of a length at which something holds, by halving; the least where it holds at none. */
    private static Length most(Length least, Length most, Predicate<Length> holds) {
        Length less = least;
        Length more = most;
        for (int i = 0; i < HALVINGS; i++) {
            Length middle = less.plus(more).half();
            if (holds.test(middle)) {
                less = middle;
            } else {
                more = middle;
            }
        }
        return less;
    }

    private static Point middle(List<Point> places) {
        Point from = places.get(0);
        Point to = places.get(places.size() - 1);
        return new Point(from.x().plus(to.x()).half(), from.y().plus(to.y()).half());
    }

    private static Remedy without(Trellis trellis) {
        return new Remedy("Do without " + trellis.name(), new Remove<>(TrellisKinds.TRELLISES, trellis.id()));
    }

    private Snag snag(TrellisRule rule, Trellis trellis, String words, Supplier<List<Remedy>> remedies) {
        return Snag.of(
                        rule,
                        Weight.WARNING,
                        words,
                        Optional.of(middle(trellis.places())),
                        List.of(),
                        List.of(),
                        context.remedies(remedies))
                .about(context.ref(trellis.id()));
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
