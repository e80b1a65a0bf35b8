package fairacre.sun;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/** What could stand elsewhere and takes the sun of a bed. */
final class ShadeSnags {

    /** So much less a day is felt, hours (common practice). */
    private static final double FELT = 0.5;

    private final SnagContext context;

    ShadeSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        List<Feature> trellises = context.setting().features().stream()
                .filter(feature -> feature.kind() == FeatureKind.TRELLIS
                        && feature.height().isPositive())
                .toList();
        if (trellises.isEmpty()) {
            return List.of();
        }
        SunHours sun =
                SunStudy.of(context.plan(), context.season(), context.memo()).growing();
        return trellises.stream().flatMap(each -> snag(each, sun).stream()).toList();
    }

    private Optional<Snag> snag(Feature trellis, SunHours sun) {
        List<SunHours.Taken> shaded = sun.takenBy(trellis.id()).stream()
                .filter(taken -> taken.hours() >= FELT)
                .toList();
        return shaded.isEmpty()
                ? Optional.empty()
                : better(trellis, total(sun, trellis.id())).map(better -> snag(trellis, sun, shaded, better));
    }

    private Snag snag(Feature trellis, SunHours sun, List<SunHours.Taken> shaded, Elsewhere better) {
        boolean counts = shaded.stream().anyMatch(taken -> {
            double left = growing(sun, taken.bed());
            return Exposure.of(left) != Exposure.of(left + taken.hours());
        });
        List<StandingBed> beds =
                shaded.stream().map(taken -> context.bed(taken.bed())).toList();
        String words = String.format(
                Locale.ROOT,
                "%s takes %.1f h of sun a day from the beds in the growing months, most from %s; on the other side of %s it"
                        + " takes %.1f h.",
                trellis.name(),
                total(sun, trellis.id()),
                beds.get(0).name(),
                better.bed().name(),
                better.total());
        return Snag.of(
                        SunRule.TRELLIS_SHADES,
                        counts ? Weight.WARNING : Weight.NOTE,
                        words,
                        Optional.of(beds.get(0).outline().centre()),
                        beds.stream().map(StandingBed::id).toList(),
                        List.of(),
                        context.remedies(() -> remedies(trellis, better)))
                .about(context.ref(trellis.id()))
                .by(total(sun, trellis.id()) - better.total());
    }

    private static double growing(SunHours sun, UUID bed) {
        return sun.beds().stream()
                .filter(each -> each.bed().equals(bed))
                .mapToDouble(SunHours.BedSun::growing)
                .sum();
    }

    private static double total(SunHours sun, UUID thing) {
        return sun.takenBy(thing).stream().mapToDouble(SunHours.Taken::hours).sum();
    }

    /**
     * Where it would take less.
     *
     * @param total hours a day that it takes of all beds there
     */
    private record Elsewhere(StandingBed bed, Change move, double total) {}

    /** The other side of the bed that it belongs to, if it takes half an hour less there. */
    private Optional<Elsewhere> better(Feature trellis, double now) {
        return nearest(trellis).flatMap(bed -> {
            Change move = across(context.plan(), trellis, bed);
            if (!(context.plan().apply(move) instanceof Outcome.Applied applied)) {
                return Optional.empty();
            }
            SunHours there = SunStudy.of(applied.plan(), context.season(), context.trials())
                    .growing();
            return Optional.of(new Elsewhere(bed, move, total(there, trellis.id())))
                    .filter(elsewhere -> elsewhere.total <= now - FELT);
        });
    }

    private List<Remedy> remedies(Feature trellis, Elsewhere better) {
        return List.of(
                new Remedy(
                        "Move " + trellis.name() + " to the other side of "
                                + better.bed().name(),
                        better.move()),
                new Remedy("Do without " + trellis.name(), context.plan().without(trellis.id())));
    }

    private Optional<StandingBed> nearest(Feature trellis) {
        return nearest(context.standing(), trellis);
    }

    static Optional<StandingBed> nearest(List<StandingBed> standing, Feature trellis) {
        return standing.stream()
                .min(Comparator.comparingDouble(
                        bed -> Polygons.of(bed.corners()).distance(Polygons.line(trellis.places()))));
    }

    /** Moves it square to itself, as far beyond the middle of a bed as it stood before it. */
    static Change across(Plan plan, Feature trellis, StandingBed bed) {
        Point first = trellis.places().get(0);
        Point last = trellis.places().get(trellis.places().size() - 1);
        double dx = last.x().metres() - first.x().metres();
        double dy = last.y().metres() - first.y().metres();
        double length = Math.hypot(dx, dy);
        double nx = length > 0 ? -dy / length : 0;
        double ny = length > 0 ? dx / length : 1;
        Point middle = bed.outline().centre();
        double off = ((first.x().metres() + last.x().metres()) / 2 - middle.x().metres()) * nx
                + ((first.y().metres() + last.y().metres()) / 2 - middle.y().metres()) * ny;
        return plan.moving(trellis.id(), Length.metres(-2 * off * nx), Length.metres(-2 * off * ny));
    }
}
