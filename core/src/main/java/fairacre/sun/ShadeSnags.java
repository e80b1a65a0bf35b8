package fairacre.sun;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Outcome;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
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
        List<SunHours.BedSun> shaded = sun.beds().stream()
                .filter(bed -> taken(bed, trellis.id()) >= FELT)
                .sorted(Comparator.comparingDouble((SunHours.BedSun bed) -> -taken(bed, trellis.id())))
                .toList();
        return shaded.isEmpty()
                ? Optional.empty()
                : better(trellis, total(sun, trellis.id())).map(better -> snag(trellis, sun, shaded, better));
    }

    private Snag snag(Feature trellis, SunHours sun, List<SunHours.BedSun> shaded, Elsewhere better) {
        boolean counts = shaded.stream()
                .anyMatch(bed -> Exposure.of(bed.growing()) != Exposure.of(bed.growing() + taken(bed, trellis.id())));
        List<StandingBed> beds =
                shaded.stream().map(bed -> context.bed(bed.bed())).toList();
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

    private static double taken(SunHours.BedSun bed, UUID thing) {
        return bed.taken().stream()
                .filter(each -> each.thing().equals(thing))
                .mapToDouble(SunHours.Taker::hours)
                .sum();
    }

    private static double total(SunHours sun, UUID thing) {
        return sun.beds().stream().mapToDouble(bed -> taken(bed, thing)).sum();
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
            Change move = Put.of(trellis.withPlaces(mirrored(trellis.places(), bed)));
            if (!(context.plan().apply(move) instanceof Outcome.Applied applied)) {
                return Optional.empty();
            }
            SunHours there = SunStudy.of(applied.plan(), context.season(), context.trials())
                    .growing();
            return Optional.of(new Elsewhere(bed, move, total(there, trellis.id())))
                    .filter(elsewhere -> elsewhere.total <= now - FELT);
        });
    }

    private static List<Remedy> remedies(Feature trellis, Elsewhere better) {
        return List.of(
                new Remedy(
                        "Move " + trellis.name() + " to the other side of "
                                + better.bed().name(),
                        better.move()),
                new Remedy("Do without " + trellis.name(), new Remove<>(Things.FEATURES, trellis.id())));
    }

    private Optional<StandingBed> nearest(Feature trellis) {
        return context.standing().stream()
                .min(Comparator.comparingDouble(
                        bed -> Polygons.of(bed.corners()).distance(Polygons.line(trellis.places()))));
    }

    /** As a mirror shows it that stands along it through the middle of a bed. */
    private static List<Point> mirrored(List<Point> places, StandingBed bed) {
        Point first = places.get(0);
        Point last = places.get(places.size() - 1);
        double dx = last.x().metres() - first.x().metres();
        double dy = last.y().metres() - first.y().metres();
        double length = Math.hypot(dx, dy);
        double nx = -dy / length;
        double ny = dx / length;
        Point middle = bed.outline().centre();
        return places.stream()
                .map(place -> {
                    double off = (place.x().metres() - middle.x().metres()) * nx
                            + (place.y().metres() - middle.y().metres()) * ny;
                    return Point.metres(
                            place.x().metres() - 2 * off * nx, place.y().metres() - 2 * off * ny);
                })
                .toList();
    }
}
