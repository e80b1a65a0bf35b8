package fairacre.water;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.BedRevision;
import fairacre.plan.Carrier;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.walk.Route;
import fairacre.walk.RouteStudy;
import fairacre.walk.WalkStudy;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * How long it takes to water beds by hand in a week, with two cans or with a hose.
 *
 * <p>With cans one walks from the source and back as often as it takes, fills both and pours them; with a hose one
 * drags it to the bed and waits. Water that is poured comes to the roots as from a drilled hose. How fast one walks,
 * pours and drags are rough guesses, from memory; how fast a tap fills is measured.
 *
 * @param beds that can be come to
 * @param shutOut beds to which nobody comes from the source
 */
public record HandWatering(List<ByHand> beds, List<UUID> shutOut) {

    /** Of both cans together, litres: as much as one carries in two hands (common practice). */
    static final double CANS = 20;
    /** Loaded one way, and back: metres a minute. */
    static final double WALKING = 60;
    /** Litres a minute out of a can. */
    static final double POURING = 10;
    /** Minutes to drag a hose to a bed and on. */
    static final double DRAGGING = 1.5;
    /** Litres a minute that don't wash soil away. */
    static final double HOSE_AT_MOST = 15;
    /** Litres a minute into a can that is dipped or filled at a barrel. */
    static final double DIPPING = 20;

    private static final double MINUTES = 60;
    private static final double WEEK = 7;

    public HandWatering {
        beds = List.copyOf(beds);
        shutOut = List.copyOf(shutOut);
    }

    /**
     * One bed, in a week.
     *
     * @param way from the source, as one walks
     * @param litres that are poured
     * @param waterings so many times
     * @param byCan minutes
     * @param byHose minutes
     */
    public record ByHand(UUID bed, Length way, Volume litres, int waterings, double byCan, double byHose) {}

    /** Whoever carries two cans. */
    private static final Carrier WALKER =
            new Carrier(new UUID(0, 0), "Two cans", Length.metres(0.7), false, Length.ZERO);

    /**
     * Of all beds of a season, each from the source that is nearest on foot; nothing where there is no source.
     *
     * @param month 1 to 12, in a week of which they get what grows there wants; by the rule of thumb without one, or
     *     without normals of the weather
     */
    public static HandWatering of(Plan plan, int season, WalkStudy walks, Optional<Integer> month) {
        month.ifPresent(each -> Limits.between(each, 1, Climate.MONTHS, "month"));
        BedNeeds needs = BedNeeds.of(plan, season);
        List<StandingBed> standing = plan.standing(season);
        List<WaterSource> sources = WaterKinds.sources(plan, season);
        if (sources.isEmpty()) {
            return new HandWatering(List.of(), List.of());
        }
        RouteStudy routes = RouteStudy.of(walks, standing, WALKER);
        Map<UUID, ByHand> nearest = new LinkedHashMap<>();
        for (WaterSource source : sources) {
            double fills = source instanceof Tap tap ? tap.measured().litresAnHour() / MINUTES : DIPPING;
            for (Route route : routes.from(source.place())) {
                BedRevision bed = standing.stream()
                        .filter(each -> each.id().equals(route.bed()))
                        .findFirst()
                        .orElseThrow()
                        .revision();
                double litresASquareMetre = needs.week(route.bed(), month);
                int waterings = litresASquareMetre <= 0
                        ? 0
                        : (int) Math.ceil(WEEK
                                / RootSoil.of(bed, plan.site().soil().squeeze()).lasts(litresASquareMetre / WEEK));
                ByHand here = of(
                        route.bed(),
                        route.length(),
                        litresASquareMetre,
                        Programme.soil(bed, walks.memo()),
                        waterings,
                        fills);
                nearest.merge(route.bed(), here, (a, b) -> a.way().compareTo(b.way()) <= 0 ? a : b);
            }
        }
        return new HandWatering(
                standing.stream()
                        .map(StandingBed::id)
                        .filter(nearest::containsKey)
                        .map(nearest::get)
                        .toList(),
                standing.stream()
                        .map(StandingBed::id)
                        .filter(bed -> !nearest.containsKey(bed))
                        .toList());
    }

    /**
     * @param litresASquareMetre that are to come to the roots in the week
     * @param soil square metres
     * @param waterings so many times; 0 if rain is enough
     * @param fills litres a minute that the source gives wide open
     */
    static ByHand of(UUID bed, Length way, double litresASquareMetre, double soil, int waterings, double fills) {
        if (waterings == 0) {
            return new ByHand(bed, way, Volume.ZERO, 0, 0, 0);
        }
        double litres = litresASquareMetre * soil / Soaker.EFFICIENCY;
        double trips = Math.ceil(litres / waterings / CANS) * waterings;
        double there = way.metres() / WALKING;
        return new ByHand(
                bed,
                way,
                Volume.litres(litres),
                waterings,
                trips * 2 * there + litres / fills + litres / POURING,
                waterings * (DRAGGING + there) + litres / Math.min(fills, HOSE_AT_MOST));
    }
}
