package fairacre.fence;

import fairacre.ground.Levels;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.SpotHeight;
import fairacre.plan.StandingBed;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
     * @param gates all ways in that have a gate
     * @param pests in order of id
     */
    public record Fencing(List<FenceTold> fences, List<GateTold> gates, List<PestRow> pests) {

        public static final Fencing NONE = new Fencing(List.of(), List.of(), List.of());

        public Fencing {
            fences = List.copyOf(fences);
            gates = List.copyOf(gates);
            pests = List.copyOf(pests);
        }
    }

    public Fencing fencing() {
        return new Fencing(fences(), gates(), pests());
    }

    /** All ways in that have a gate, in the order of the plan. */
    public List<GateTold> gates() {
        List<Feature> lines = setting.features().stream()
                .filter(line -> line.kind() == FeatureKind.FENCE)
                .toList();
        return setting.gates().stream()
                .filter(gate -> gate.swing() != Swing.OPEN)
                .map(gate -> {
                    Optional<Feature> line = lines.stream()
                            .filter(each -> FenceLine.gates(each, setting).contains(gate))
                            .findFirst();
                    return new GateTold(
                            gate.id(),
                            line.map(Feature::id),
                            GateMaker.usual(gate, line.map(Feature::height).filter(Length::isPositive), plan.units()),
                            GateMaker.of(gate, line.flatMap(this::fence), plan.units())
                                    .map(GateMaker::made));
                })
                .toList();
    }

    private Optional<Fence> fence(Feature line) {
        return plan.list(FenceKinds.FENCES).stream()
                .filter(fence -> fence.id().equals(line.id()))
                .findFirst();
    }

    /** How each gate of a fence is made. */
    Stream<GateMaker> makers(Fence fence) {
        return FenceLine.gates(fence.standing(), setting).stream()
                .flatMap(gate -> GateMaker.of(gate, Optional.of(fence), plan.units()).stream());
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
        Map<Fence, List<Post>> marked = marked();
        List<Post> all = marked.values().stream().flatMap(List::stream).toList();
        return marked.entrySet().stream()
                .map(each -> told(each.getKey(), each.getValue(), all))
                .toList();
    }

    /** The posts that each fence has for itself, in the order of the fences. */
    private Map<Fence, List<Post>> marked() {
        Map<Fence, List<Post>> marked = new LinkedHashMap<>();
        List<Point> taken = new ArrayList<>();
        for (Fence fence : inOrder()) {
            List<Post> posts = new ArrayList<>();
            for (Post post : posts(fence).posts()) {
                if (fence.posts() != PostKind.EXISTING
                        && taken.stream().noneMatch(other -> isSame(other, post.place()))) {
                    taken.add(post.place());
                    posts.add(post.marked("P" + taken.size()));
                }
            }
            marked.put(fence, posts);
        }
        return marked;
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
        return sides(fence, marked().values().stream().flatMap(List::stream).toList());
    }

    private List<FenceSide> sides(Fence fence, List<Post> marked) {
        return posts(fence).parts().stream()
                .flatMap(part -> sides(part, marked).stream())
                .toList();
    }

    private List<FenceSide> sides(PostPlan.Stretch part, List<Post> marked) {
        Optional<Levels> levels = Levels.of(plan.site().levels(), memo);
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
            Fence fence,
            List<WayIn> gates,
            List<Feature> near,
            List<StandingBed> beds,
            List<SpotHeight> levels,
            Length frost,
            Units units) {}

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
                new PostsOf(fence, setting.gates(), near, beds, plan.site().levels(), frost, plan.units()),
                () -> PostPlan.of(fence, setting, beds, Levels.of(setting.site().levels(), memo), frost, plan.units()));
    }

    private static Envelope envelope(List<Point> places) {
        Envelope envelope = new Envelope();
        places.forEach(
                place -> envelope.expandToInclude(place.x().metres(), place.y().metres()));
        return envelope;
    }

    private FenceTold told(Fence fence, List<Post> posts, List<Post> marked) {
        PostPlan all = posts(fence);
        FenceOrder order = new FenceOrder(
                plan,
                setting,
                fence,
                sides(fence, marked),
                all.step(),
                FenceKinds.pests(plan, season).stream()
                        .anyMatch(pest -> pest.needs(plan.units()).isPresent()));
        double litres = posts.stream()
                .mapToDouble(post -> PostDepth.fill(fence.posts(), post.role().strong(), post.depth())
                        .litres())
                .sum();
        Volume fill = Volume.litres(litres);
        return new FenceTold(
                fence.id(),
                FenceLine.of(fence.standing(), setting).length(),
                Optional.of(FootSoil.of(fence, setting, standing).lowest()).filter(Length::isPositive),
                posts,
                all.widest(),
                all.stretches(),
                all.braces(),
                Optional.of(PostDepth.hole(fence.posts(), false))
                        .filter(hole -> fence.posts().dug()),
                fill,
                fence.posts() == PostKind.WOOD_IN_CONCRETE ? (int) Math.ceil(PostDepth.bags(fill, plan.units())) : 0,
                Stream.concat(hung(fence, all), foot(fence, all)).toList(),
                FenceBoards.of(fence, all, plan.units()),
                all.tooLong(),
                uplift(fence, all),
                order.cautions(),
                order.steps());
    }

    /** At the end with the shortest brace. */
    private Optional<FenceTold.Uplift> uplift(Fence fence, PostPlan all) {
        return all.braces().stream()
                .min(Comparator.naturalOrder())
                .map(span -> PostStatics.uplift(
                        fence,
                        span,
                        PostDepth.fill(
                                fence.posts(),
                                true,
                                PostDepth.of(fence.posts(), fence.height(), FenceKinds.frost(plan)))));
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

    /** What is hung on a gate by itself. */
    List<FenceTold.Tier> hung(GateMaker maker) {
        FenceKind kind = maker.infill();
        List<List<Double>> leaves = maker.spans().toList();
        return kind.meshed()
                ? FenceRolls.tiers(kind.rollHeights(plan.units()), Length.metres(maker.height())).stream()
                        .map(height -> new FenceTold.Tier(
                                kind.label(),
                                height,
                                kind.rollLength(plan.units()),
                                FenceRolls.of(
                                        leaves, kind.rollLength(plan.units()).metres())))
                        .toList()
                : List.of();
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

    /** The leaves of its gates that come with it are hung with the same mesh. */
    private Stream<FenceTold.Tier> tiers(String label, List<Length> heights, Length roll, PostPlan all) {
        List<List<Double>> posts = Stream.concat(
                        all.parts().stream().map(PostPlan.Stretch::at),
                        makers(all.fence())
                                .filter(maker -> maker.comesWith(all.fence()))
                                .flatMap(GateMaker::spans))
                .toList();
        return IntStream.range(0, heights.size())
                .mapToObj(i -> new FenceTold.Tier(label, heights.get(i), roll, FenceRolls.of(posts, roll.metres())));
    }
}
