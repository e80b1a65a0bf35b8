package fairacre.water;

import fairacre.limits.RefusedException;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Water to begin with: a tap that was measured, a run that was drawn, lines for beds; in usual sizes. */
public final class NewWater {

    private static final Length TAP_HEIGHT = Length.metres(0.6);
    private static final Length BARREL_HEIGHT = Length.metres(0.5);
    private static final Volume BARREL = Volume.litres(200);
    /** Metres. */
    private static final double WIDEST_THROW = 3;

    private static final Length INSET = Length.millimetres(225);

    /** What may lie in a bed. */
    public enum Way {
        DRIPLINE("dripline", Dripline.YEARS),
        PLANT_DRIPPERS("drippers at plants", Dripline.YEARS),
        DRILLED_HOSE("drilled hose", Soaker.YEARS),
        SPRINKLERS("sprinklers", Sprinklers.YEARS);

        private final String words;
        private final int years;

        Way(String words, int years) {
            this.words = words;
            this.years = years;
        }

        /** How long it lasts: a rough guess, from memory. */
        public int years() {
            return years;
        }
    }

    private final Plan plan;
    private final int season;
    private final Supplier<UUID> ids;

    /** @param ids of what is new */
    public NewWater(Plan plan, int season, Supplier<UUID> ids) {
        this.plan = plan;
        this.season = season;
        this.ids = ids;
    }

    /**
     * A tap with what bucket and watch told. It takes the place of the first tap that stands on the plot and was not
     * measured; where there is none, the first corner of the plot.
     *
     * @param bucket 1 to 1000 L
     * @param seconds 1 to 3600
     * @throws RefusedException if either is out of range
     */
    public Change tap(Volume bucket, double seconds) {
        Optional<Feature> standing = plan.features().stream()
                .filter(feature ->
                        feature.kind() == FeatureKind.TAP && feature.lifetime().includes(season))
                .findFirst();
        Gear gear = new Gear(true, true, false, false, false, Optional.of(Gear.USUAL_REDUCER), Optional.empty());
        Put<Tap> put = Put.of(new Tap(
                standing.map(Feature::id).orElseGet(ids),
                standing.map(Feature::name).orElseGet(() -> freeName("Tap")),
                standing.map(feature -> feature.places().get(0)).orElseGet(this::corner),
                standing.map(Feature::height).filter(Length::isPositive).orElse(TAP_HEIGHT),
                bucket,
                seconds,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                gear,
                Lifetime.from(season)));
        return standing.<Change>map(feature -> new Change.Batch(
                        "Measured " + feature.name(), List.of(new Remove<>(Things.FEATURES, feature.id()), put)))
                .orElse(put);
    }

    /** A tap that is not measured yet, in the first corner of the plot. */
    Put<Feature> mark() {
        return Put.of(
                Feature.of(ids.get(), freeName("Tap"), FeatureKind.TAP, List.of(corner()), Length.ZERO, Length.ZERO)
                        .withLifetime(Lifetime.from(season)));
    }

    /** A barrel of 200 L in the first corner of the plot, its outlet half a metre up. */
    public Put<Barrel> barrel() {
        return Put.of(new Barrel(
                ids.get(),
                freeName("Barrel"),
                corner(),
                BARREL_HEIGHT,
                BARREL,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Gear(false, true, false, false, false, Optional.empty(), Optional.empty()),
                Lifetime.from(season)));
    }

    /**
     * A run through places, fed by what is nearest to the first of them, and of the same pipe if that is a run.
     *
     * @throws RefusedException if there is no source yet
     */
    public Put<WaterRun> run(List<Point> places) {
        if (places.isEmpty()) {
            throw new RefusedException("places", "there are none", "give at least two places");
        }
        Piping piping = piping();
        UUID from = nearest(piping, places.get(0), Map.of());
        return Put.of(new WaterRun(
                ids.get(),
                freeName("Run"),
                from,
                places,
                piping.run(from).map(laid -> laid.run().pipe()).orElse(PipeKind.TUBE_13),
                false,
                Length.ZERO,
                Lifetime.from(season)));
    }

    /**
     * Lines for beds, each fed by what is nearest to it; those that lie there already are changed.
     *
     * @throws RefusedException if there is no source yet, or none of the beds stands in the season
     */
    public Change lines(List<UUID> beds, Way way) {
        List<StandingBed> standing = plan.standing(season).stream()
                .filter(bed -> beds.contains(bed.id()))
                .toList();
        if (standing.isEmpty()) {
            throw new RefusedException("beds", "none of them stands in " + season, "choose beds that do");
        }
        Piping piping = piping();
        Map<UUID, Integer> begun = new HashMap<>();
        List<Change> changes = new ArrayList<>();
        for (StandingBed bed : standing) {
            WaterKinds.lines(plan, season).stream()
                    .filter(each -> each.bed().equals(bed.id()))
                    .forEach(each -> changes.add(each.takenOut()));
            UUID from = nearest(piping, bed.outline().centre(), begun);
            begun.merge(from, 1, Integer::sum);
            changes.add(laid(way, bed, from));
        }
        String words = "Laid " + way.words + " in "
                + (standing.size() == 1 ? standing.get(0).name() : standing.size() + " beds");
        return changes.size() == 1 ? changes.get(0) : new Change.Batch(words, changes);
    }

    private Put<?> laid(Way way, StandingBed bed, UUID from) {
        return switch (way) {
            case DRIPLINE -> Put.of(dripline(bed, from));
            case PLANT_DRIPPERS -> Put.of(plantDrippers(bed, from));
            case DRILLED_HOSE -> Put.of(soaker(bed, from));
            case SPRINKLERS -> Put.of(sprinklers(bed, from));
        };
    }

    /**
     * Sprinklers that throw as far as the bed is wide, or as far as a half, a third of it, so that it is 3 m at most;
     * 60 L/h or 16 gal/h all round (a rough guess, from memory).
     */
    private Sprinklers sprinklers(StandingBed bed, UUID from) {
        Rectangle outline = bed.revision().outline();
        double boards = 2 * bed.revision().thickness().metres();
        double wide = Math.min(outline.width().metres(), outline.length().metres()) - boards;
        double radius = wide / Math.ceil(wide / WIDEST_THROW);
        return new Sprinklers(
                ids.get(),
                bed.id(),
                from,
                false,
                Length.max(Sprinklers.SHORTEST, Length.metres(radius)),
                Flow.litresAnHour(plan.units() == Units.FEET_AND_INCHES ? 60.57 : 60),
                Lifetime.from(season));
    }

    /**
     * A manifold of two valves where it is wanted, at a height for standing and seated alike, fed by what is nearest.
     */
    public Put<Manifold> manifold(Point place) {
        return Put.of(new Manifold(
                ids.get(),
                freeName("Manifold"),
                nearestPipe(piping(), place),
                place,
                2,
                handles(plan.units()),
                Lifetime.from(season)));
    }

    /** At which standing and seated reach the handles of a manifold alike. */
    static Length handles(Units units) {
        return units == Units.FEET_AND_INCHES ? Length.inches(24) : Length.metres(0.6);
    }

    /** 12 in apart both ways with 0.5 gal/h, or 30 cm with 2 L/h (common practice). */
    Dripline dripline(StandingBed bed, UUID from) {
        boolean feet = plan.units() == Units.FEET_AND_INCHES;
        Length apart = feet ? Length.feet(1) : Length.metres(0.3);
        return new Dripline(
                ids.get(),
                bed.id(),
                from,
                false,
                apart,
                apart,
                Flow.litresAnHour(feet ? 1.9 : 2),
                true,
                false,
                Lifetime.from(season));
    }

    /** 18 in apart in the row and 24 in between with 1 gal/h, or 50 and 60 cm with 4 L/h (common practice). */
    private Dripline plantDrippers(StandingBed bed, UUID from) {
        boolean feet = plan.units() == Units.FEET_AND_INCHES;
        return new Dripline(
                ids.get(),
                bed.id(),
                from,
                false,
                feet ? Length.inches(18) : Length.metres(0.5),
                feet ? Length.inches(24) : Length.metres(0.6),
                Flow.litresAnHour(feet ? 3.8 : 4),
                true,
                true,
                Lifetime.from(season));
    }

    /** Holes of 1/8 in or 3 mm, a foot or 30 cm apart, 200 to 250 mm inside the edge (common practice). */
    private Soaker soaker(StandingBed bed, UUID from) {
        boolean feet = plan.units() == Units.FEET_AND_INCHES;
        return new Soaker(
                ids.get(),
                bed.id(),
                from,
                false,
                feet ? Length.inches(9) : INSET,
                feet ? Length.inches(0.125) : Length.millimetres(3),
                feet ? Length.feet(1) : Length.metres(0.3),
                Lifetime.from(season));
    }

    private Piping piping() {
        return Piping.of(plan, season, plan.standing(season), Memo.none());
    }

    /**
     * A manifold with a valve left, a run, or a source.
     *
     * @param begun how much more begins at each
     */
    private UUID nearest(Piping piping, Point place, Map<UUID, Integer> begun) {
        UUID pipe = nearestPipe(piping, place);
        double far = piping.run(pipe)
                .map(laid -> distance(laid, place))
                .orElseGet(() -> piping.source(pipe).place().distance(place).metres());
        return piping.manifolds().stream()
                .map(LaidManifold::manifold)
                .filter(manifold -> piping.begunAt(manifold) + begun.getOrDefault(manifold.id(), 0) < manifold.valves())
                .filter(manifold -> manifold.place().distance(place).metres() < far)
                .min(Comparator.comparing(manifold -> manifold.place().distance(place)))
                .map(Manifold::id)
                .orElse(pipe);
    }

    private UUID nearestPipe(Piping piping, Point place) {
        Comparator<LaidRun> closer = Comparator.comparingDouble(laid -> distance(laid, place));
        Optional<LaidRun> run = piping.runs().stream().min(closer);
        Optional<WaterSource> source = WaterKinds.sources(plan, season).stream()
                .min(Comparator.comparing(each -> each.place().distance(place)));
        if (source.isEmpty()) {
            throw new RefusedException("from", "there is no water yet", "measure a tap or set up a barrel first");
        }
        double toSource = source.get().place().distance(place).metres();
        return run.filter(laid -> distance(laid, place) < toSource)
                .map(laid -> laid.run().id())
                .orElse(source.get().id());
    }

    private static double distance(LaidRun laid, Point place) {
        return laid.course().nearest(place).place().distance(place).metres();
    }

    private Point corner() {
        return plan.site().corners().get(0);
    }

    private String freeName(String name) {
        List<String> taken = Stream.of(
                        plan.list(WaterKinds.TAPS).stream().map(Tap::name),
                        plan.list(WaterKinds.BARRELS).stream().map(Barrel::name),
                        plan.list(WaterKinds.RUNS).stream().map(WaterRun::name),
                        plan.list(WaterKinds.MANIFOLDS).stream().map(Manifold::name))
                .flatMap(names -> names)
                .toList();
        return Names.free(taken, name);
    }
}
