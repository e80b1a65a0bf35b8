package fairacre.husbandry;

import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingSnag;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** What grows in the beds of a season, and how its places are exchanged. */
final class Grown {

    /** Places of which one is larger by more are not exchanged. */
    private static final double UNLIKE = 2;

    private final SnagContext context;
    private final PlantingSnag told;
    private final List<Planting> plantings;

    Grown(SnagContext context) {
        this.context = context;
        this.told = new PlantingSnag(context);
        this.plantings = PlantingKinds.plantings(context.plan(), context.season()).stream()
                .filter(planting -> told.bed(planting).isPresent())
                .toList();
    }

    /** In a bed that is there, begun in whatever season. */
    List<Planting> plantings() {
        return plantings;
    }

    /** Those that are sown or planted in the season. */
    List<Planting> begun() {
        return plantings.stream()
                .filter(planting -> season(planting) == context.season())
                .toList();
    }

    int season(Planting planting) {
        return Plan.season(planting.from(), context.plan().yearBegins());
    }

    Snag snag(HusbandryRule rule, Weight weight, Planting planting, String words, Supplier<Stream<Remedy>> remedies) {
        return told.snag(
                rule,
                weight,
                planting,
                words,
                () -> Stream.concat(remedies.get(), Stream.of(PlantingSnag.takeOut(planting)))
                        .toList());
    }

    String bed(Planting planting) {
        return context.name(planting.bed());
    }

    /**
     * The first exchange of its place with that of another planting of the season after which nothing is worse.
     *
     * @param wanted whether the plan after it is as it should be
     */
    Stream<Remedy> exchange(Planting planting, Predicate<Plan> wanted) {
        return begun().stream()
                .filter(other ->
                        !other.bed().equals(planting.bed()) || !other.part().equals(planting.part()))
                .filter(other -> other.grown(context.plan()).perennial().isEmpty() && isAsLarge(planting, other))
                .map(other -> exchange(planting, other))
                .filter(remedy -> context.plan().apply(remedy.change()) instanceof Outcome.Applied applied
                        && wanted.test(applied.plan()))
                .filter(remedy -> context.isSound(remedy.change()))
                .limit(1);
    }

    /** Within a half and twice the ground. */
    private boolean isAsLarge(Planting one, Planting other) {
        double share = area(one) / area(other);
        return share >= 1 / UNLIKE && share <= UNLIKE;
    }

    private double area(Planting planting) {
        return Polygons.of(context.bed(planting.bed()).corners()).getArea()
                * planting.part().share();
    }

    private Remedy exchange(Planting one, Planting other) {
        String words = one.bed().equals(other.bed())
                ? "Let " + one.name() + " and " + other.name() + " change places"
                : "Grow " + one.name() + " in " + bed(other) + " and " + other.name() + " in " + bed(one);
        return new Remedy(
                words,
                new Change.Batch(
                        words,
                        List.of(Put.of(one.in(other.bed(), other.part())), Put.of(other.in(one.bed(), one.part())))));
    }
}
