package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The plantings of a season: where their plants stand, how large they are, and what is wanted for them. */
public final class PlantingStudy {

    /** More plants are not drawn one by one. */
    static final int MOST_DRAWN = 2_000;
    /** A seedling has so much of the spread and height of the grown plant. */
    private static final double SEEDLING = 0.1;

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;

    private PlantingStudy(Plan plan, int season, List<StandingBed> standing) {
        this.plan = plan;
        this.season = season;
        this.standing = standing;
    }

    public static PlantingStudy of(Plan plan, int season, List<StandingBed> standing) {
        return new PlantingStudy(plan, season, standing);
    }

    /** @param day on which plants are drawn as large as they are then */
    public List<PlantingTold> told(LocalDate day) {
        return PlantingKinds.plantings(plan, season).stream()
                .map(planting -> told(planting, day))
                .toList();
    }

    private PlantingTold told(Planting planting, LocalDate day) {
        Optional<BedRevision> bed = bed(standing, planting.bed());
        List<Point> places =
                bed.map(soil -> PlantPlaces.of(plan, soil, planting)).orElse(List.of());
        Crop crop = planting.grown(plan);
        return new PlantingTold(
                planting.id(),
                places.size(),
                places.size() > MOST_DRAWN ? List.of() : places,
                grown(plan, planting, day).map(share -> times(crop.spread(), share)),
                grown(plan, planting, day).map(share -> times(crop.height(), share)),
                planting.plantsApart(plan),
                planting.rowsApart(plan),
                planting.indoors(plan),
                planting.ripe(plan),
                bed.map(soil -> kilograms(plan, soil, planting)).orElse(0.0),
                PlantingTold.PlantsWanted.of(plan, planting, places.size()));
    }

    /** Plants of a planting in a bed. */
    public static int count(Plan plan, BedRevision bed, Planting planting) {
        return PlantPlaces.of(plan, bed, planting).size();
    }

    /** Where the plants of a planting stand in a bed. */
    public static List<Point> places(Plan plan, BedRevision bed, Planting planting) {
        return PlantPlaces.of(plan, bed, planting);
    }

    /** How far its plants spread at the most, on the last day in the bed. */
    public static Length widest(Plan plan, Planting planting) {
        return times(
                planting.grown(plan).spread(),
                grown(plan, planting, planting.until().minusDays(1)).orElseThrow());
    }

    /** What a planting in a bed gives in a year in full bearing, kilograms, as is usual. */
    public static double kilograms(Plan plan, BedRevision bed, Planting planting) {
        return planting.grown(plan).yield().usual() * PlantPlaces.area(plan, bed, planting);
    }

    static Optional<BedRevision> bed(List<StandingBed> standing, UUID bed) {
        return standing.stream()
                .filter(each -> each.id().equals(bed))
                .map(StandingBed::revision)
                .findFirst();
    }

    /** On a day, metres; 0 while it is not in the bed. */
    static double height(Plan plan, Planting planting, LocalDate day) {
        return grown(plan, planting, day)
                .map(share -> share * planting.grown(plan).height().metres())
                .orElse(0.0);
    }

    private static Length times(Length full, double share) {
        return Length.metres(full.metres() * share);
    }

    /**
     * What share of its spread and height it has: evenly from a seedling on the first day to the grown plant at the
     * first harvest (an estimate of our own); what lasts for years is grown after its first year. Empty on days on
     * which it is not in the bed.
     */
    static Optional<Double> grown(Plan plan, Planting planting, LocalDate day) {
        if (!planting.grows(day)) {
            return Optional.empty();
        }
        double full = planting.grown(plan).ripens(planting.raising()).usual();
        double share = ChronoUnit.DAYS.between(planting.from(), day) / full;
        return Optional.of(Math.min(1, SEEDLING + (1 - SEEDLING) * share));
    }
}
