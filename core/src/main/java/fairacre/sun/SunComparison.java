package fairacre.sun;

import fairacre.judging.Edits;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What edits would do to the sun of the beds: one that is being tried, or other ways with one thing: a trellis on the
 * other side of its bed, a tree with a third of its crown cut back, a bed turned by a quarter, anything taken away.
 */
public final class SunComparison {

    private static final double QUARTER = 90;
    /** Of its radius: a third of the ground below it is freed, and a tree bears no more at once (common practice). */
    private static final double RADIUS_LEFT = Math.sqrt(2.0 / 3);
    /** A bed that changes by less is not told, hours. */
    private static final double LITTLE = 0.05;

    private final Plan plan;
    private final int season;
    private final Memo memo;

    private SunComparison(Plan plan, int season, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.memo = memo;
    }

    /**
     * Another way with a thing.
     *
     * @param words what it is: "Take it away"
     * @param total hours a day that all beds together have more in the growing months, or less
     * @param beds whose sun changes, most first
     */
    public record OtherWay(String words, Change change, double total, List<Other> beds) {}

    /** The hours of a bed in the growing months. */
    public record Other(UUID bed, double before, double after) {

        private double change() {
            return Math.abs(after - before);
        }
    }

    /**
     * All ways with a thing, a feature or a bed, that can be made.
     *
     * @return none where it does not stand in the season
     */
    public static List<OtherWay> of(Plan plan, int season, UUID thing, Memo memo) {
        return new SunComparison(plan, season, memo).ways(thing);
    }

    /**
     * The beds whose sun an edit would change, most first: what is known of the others is not worked out anew.
     *
     * @throws fairacre.limits.RefusedException if the edit can't be made
     */
    public static List<Other> tried(Plan plan, int season, Change change, Memo memo) {
        SunComparison comparison = new SunComparison(plan, season, memo);
        SunHours before = SunStudy.of(plan, season, memo).growing();
        return comparison.changed(before, plan.apply(change).orThrow());
    }

    private List<OtherWay> ways(UUID thing) {
        Stream<Way> features = plan.setting(season).features().stream()
                .filter(feature -> feature.id().equals(thing))
                .flatMap(this::ways);
        Stream<Way> beds = plan.standing(season).stream()
                .filter(bed -> bed.id().equals(thing))
                .flatMap(this::turned);
        SunHours before = SunStudy.of(plan, season, memo).growing();
        return Stream.concat(features, beds)
                .flatMap(way -> compared(way, before).stream())
                .toList();
    }

    private record Way(String words, Change change) {}

    private Stream<Way> ways(Feature feature) {
        List<Way> ways = new ArrayList<>();
        if (feature.kind() == FeatureKind.TRELLIS) {
            ShadeSnags.nearest(plan.standing(season), feature)
                    .ifPresent(bed -> ways.add(new Way(
                            "Move it to the other side of " + bed.name(), ShadeSnags.across(plan, feature, bed))));
        }
        if (feature instanceof Feature.SpotFeature tree && feature.kind() == FeatureKind.TREE) {
            ways.add(new Way(
                    "Cut a third of its crown back (high up that is an arborist's work)", Put.of(thinned(tree))));
        }
        ways.add(new Way("Take it away", plan.without(feature.id())));
        return ways.stream();
    }

    private static Feature thinned(Feature.SpotFeature tree) {
        return tree.withMargin(Length.metres(tree.margin().metres() * RADIUS_LEFT));
    }

    private Stream<Way> turned(StandingBed bed) {
        Rectangle outline = bed.outline();
        return Stream.of(new Way(
                "Turn it by a quarter about its middle",
                Edits.move(bed, outline.movedTo(outline.centre(), outline.turn() + QUARTER))));
    }

    private Optional<OtherWay> compared(Way way, SunHours before) {
        if (!(plan.apply(way.change()) instanceof Outcome.Applied applied)) {
            return Optional.empty();
        }
        List<Other> beds = changed(before, applied.plan());
        return Optional.of(new OtherWay(
                way.words(),
                way.change(),
                beds.stream().mapToDouble(bed -> bed.after() - bed.before()).sum(),
                beds));
    }

    private List<Other> changed(SunHours before, Plan altered) {
        SunHours after = SunStudy.of(altered, season, memo).growing();
        return before.beds().stream()
                .flatMap(bed -> after.beds().stream()
                        .filter(other -> other.bed().equals(bed.bed()))
                        .map(other -> new Other(bed.bed(), bed.growing(), other.growing())))
                .filter(other -> other.change() >= LITTLE)
                .sorted(Comparator.comparingDouble(Other::change).reversed())
                .toList();
    }
}
