package fairacre.fence;

import fairacre.ground.Levels;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;

/**
 * The fences of a season: where their posts stand, what they take, and which beds each pest gets to. A garden without
 * fences and pests has nothing to tell.
 */
public final class FenceStudy {

    /** Two fences share a post where they meet, metres. */
    private static final double SHARED = 0.1;
    /** What is further off a fence has nothing to do with its posts, beyond its own margin, metres. */
    private static final double NEAR = 5;

    private final Plan plan;
    private final int season;
    private final Setting setting;
    private final List<StandingBed> standing;
    private final Memo memo;

    private FenceStudy(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.setting = plan.setting(season);
        this.standing = standing;
        this.memo = memo;
    }

    public static FenceStudy of(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        return new FenceStudy(plan, season, standing, memo);
    }

    /**
     * What is told of a season.
     *
     * @param fences in the order in which they were put up
     * @param pests in order of id
     */
    public record Fencing(List<FenceTold> fences, List<PestRow> pests) {

        public static final Fencing NONE = new Fencing(List.of(), List.of());

        public Fencing {
            fences = List.copyOf(fences);
            pests = List.copyOf(pests);
        }
    }

    public Fencing fencing() {
        return new Fencing(fences(), pests());
    }

    /** How the beds are kept from each pest of the season. */
    List<PestRow> pests() {
        List<Pest> pests = FenceKinds.pests(plan, season);
        if (pests.isEmpty()) {
            return List.of();
        }
        PestStudy study = new PestStudy(plan, season, standing, memo);
        return pests.stream().map(study::row).toList();
    }

    /** Where ends of fences could go on to. */
    PestStudy barriers() {
        return new PestStudy(plan, season, standing, memo);
    }

    /** With marks that go through the whole garden. */
    public List<FenceTold> fences() {
        List<FenceTold> told = new ArrayList<>();
        List<Point> taken = new ArrayList<>();
        for (Fence fence : inOrder()) {
            PostPlan all = posts(fence);
            List<Post> posts = new ArrayList<>();
            for (Post post : all.posts()) {
                if (taken.stream().noneMatch(other -> isSame(other, post.place()))) {
                    taken.add(post.place());
                    posts.add(post.marked("P" + taken.size()));
                }
            }
            told.add(told(fence, all, posts));
        }
        return told;
    }

    /**
     * The sides of a fence, in order along it, with the marks that posts have in the whole garden.
     *
     * @throws RefusedException if it does not stand in the season
     */
    public List<FenceSide> sides(UUID id) {
        Fence fence = inOrder().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException("fence", "there is none " + id, "look at the newest plan"));
        List<Post> marked =
                fences().stream().flatMap(told -> told.posts().stream()).toList();
        return posts(fence).parts().stream()
                .flatMap(part -> sides(part, marked).stream())
                .toList();
    }

    private List<FenceSide> sides(PostPlan.Stretch part, List<Post> marked) {
        Optional<Levels> levels = Levels.of(plan.site().levels());
        List<FenceSide> sides = new ArrayList<>();
        int first = 0;
        for (int i = 1; i < part.posts().size(); i++) {
            if (part.posts().get(i).role().ends() || i == part.posts().size() - 1) {
                sides.add(side(part, first, i, marked, levels));
                first = i;
            }
        }
        return sides;
    }

    private static FenceSide side(
            PostPlan.Stretch part, int first, int last, List<Post> marked, Optional<Levels> levels) {
        Point from = part.posts().get(first).place();
        return new FenceSide(IntStream.rangeClosed(first, last)
                .mapToObj(i -> {
                    Post post = part.posts().get(i);
                    return new FenceSide.SidePost(
                            marked.stream()
                                    .filter(other -> isSame(other.place(), post.place()))
                                    .findFirst()
                                    .orElse(post)
                                    .mark(),
                            post.role(),
                            Length.metres(part.at().get(i) - part.at().get(first)),
                            levels.map(ground -> Length.metres(ground.at(post.place()) - ground.at(from)))
                                    .orElse(Length.ZERO),
                            post.depth());
                })
                .toList());
    }

    /** Those that were there first come first. */
    private List<Fence> inOrder() {
        return FenceKinds.fences(plan, season).stream()
                .sorted(Comparator.comparing(
                                (Fence fence) -> fence.lifetime().from().orElse(0))
                        .thenComparing(Fence::id))
                .toList();
    }

    private static boolean isSame(Point one, Point other) {
        return Math.hypot(
                        one.x().metres() - other.x().metres(),
                        one.y().metres() - other.y().metres())
                <= SHARED;
    }

    /** The question where the posts of a fence stand. */
    private record PostsOf(
            Fence fence, List<WayIn> gates, List<Feature> near, List<StandingBed> beds, Length frost, Units units) {}

    private PostPlan posts(Fence fence) {
        Envelope place = envelope(fence.places());
        place.expandBy(NEAR);
        List<Feature> near = setting.features().stream()
                .filter(feature -> {
                    Envelope there = envelope(feature.places());
                    there.expandBy(feature.margin().metres());
                    return there.intersects(place);
                })
                .toList();
        List<StandingBed> beds = standing.stream()
                .filter(bed -> envelope(bed.corners()).intersects(place))
                .toList();
        Length frost = FenceKinds.frost(plan);
        return memo.recall(
                new PostsOf(fence, setting.gates(), near, beds, frost, plan.units()),
                () -> PostPlan.of(fence, setting, beds, frost, plan.units()));
    }

    private static Envelope envelope(List<Point> places) {
        Envelope envelope = new Envelope();
        places.forEach(
                place -> envelope.expandToInclude(place.x().metres(), place.y().metres()));
        return envelope;
    }

    private FenceTold told(Fence fence, PostPlan all, List<Post> posts) {
        double litres = posts.stream()
                .mapToDouble(post -> PostDepth.fill(fence.posts(), post.role().strong(), post.depth())
                        .litres())
                .sum();
        Volume fill = Volume.litres(litres);
        return new FenceTold(
                fence.id(),
                FenceLine.of(fence.standing(), setting).length(),
                posts,
                all.widest(),
                all.stretches(),
                all.braces(),
                Optional.of(PostDepth.hole(fence.posts(), false))
                        .filter(hole -> fence.posts().dug()),
                fill,
                fence.posts() == PostKind.WOOD_IN_CONCRETE ? (int) Math.ceil(PostDepth.bags(fill, plan.units())) : 0,
                Stream.concat(hung(fence, all), foot(fence, all)).toList(),
                all.tooLong());
    }

    private Stream<FenceTold.Tier> hung(Fence fence, PostPlan all) {
        return fence.kind().meshed()
                ? tiers(
                        fence.kind().label(),
                        FenceRolls.tiers(fence.kind().rollHeights(plan.units()), fence.height()),
                        fence.kind().rollLength(plan.units()),
                        all)
                : Stream.empty();
    }

    private Stream<FenceTold.Tier> foot(Fence fence, PostPlan all) {
        return fence.foot().mesh().stream()
                .flatMap(mesh -> tiers(
                        mesh.label(),
                        FenceRolls.tiers(
                                mesh.rollHeights(plan.units()), fence.foot().width()),
                        mesh.rollLength(plan.units()),
                        all));
    }

    private static Stream<FenceTold.Tier> tiers(String label, List<Length> heights, Length roll, PostPlan all) {
        List<List<Double>> posts =
                all.parts().stream().map(PostPlan.Stretch::at).toList();
        return IntStream.range(0, heights.size())
                .mapToObj(i -> new FenceTold.Tier(label, heights.get(i), roll, FenceRolls.of(posts, roll.metres())));
    }
}
