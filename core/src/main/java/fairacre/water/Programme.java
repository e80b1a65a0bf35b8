package fairacre.water;

import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.SqueezeTest;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * How long each zone is to run in a week of each month.
 *
 * @param months what vegetables want; empty without normals of the weather
 * @param zones in their order
 */
public record Programme(List<MonthNeed> months, List<ZoneMinutes> zones) {

    /** Of a week without normals, litres a square metre (common practice). */
    static final double RULE_OF_THUMB = 25;

    /** Efficiencies: what of the water comes to the roots (common practice). */
    private static final double DRIP = 0.9;

    private static final double DRILLED = 0.8;
    private static final double MINUTES = 60;
    /** How deep most vegetables root at least, metres (FAO-56, table 22: 0.3 for lettuce and onion; from memory). */
    private static final double ROOTS = 0.3;
    /** What of the store may be used before vegetables want for water, at 5 mm a day (FAO-56, table 22). */
    private static final double READILY = 0.4;
    /** Nobody waters more often than daily. */
    private static final int DAYS = 7;

    public Programme {
        months = List.copyOf(months);
        zones = List.copyOf(zones);
    }

    /** The question how much soil a bed has, square metres. */
    private record SoilOf(BedRevision bed) {}

    static Programme of(Plan plan, List<StandingBed> standing, List<Zone> zones, Map<UUID, BedLines> lines, Memo memo) {
        List<MonthNeed> months = plan.list(WaterKinds.CLIMATES).stream()
                .findFirst()
                .flatMap(climate -> WaterNeed.of(climate, plan.site().latitude()))
                .orElse(List.of());
        Map<UUID, BedRevision> beds = new HashMap<>();
        standing.forEach(bed -> beds.put(bed.id(), bed.revision()));
        Map<UUID, Double> areas = new HashMap<>();
        beds.forEach((id, bed) -> areas.put(
                id, memo.recall(new SoilOf(bed), () -> BedLayout.soil(bed).getArea())));
        SqueezeTest soil = plan.site().soil().squeeze();
        return new Programme(
                months,
                zones.stream()
                        .map(zone -> new ZoneMinutes(
                                zone.valve(),
                                minutes(zone, RULE_OF_THUMB, areas, lines),
                                months.stream()
                                        .map(month -> new ZoneMinutes.Weekly(
                                                minutes(zone, month.week(), areas, lines),
                                                waterings(zone, month, beds, soil)))
                                        .toList()))
                        .toList());
    }

    /** Of the bed that takes longest. */
    private static double minutes(
            Zone zone, double litresASquareMetre, Map<UUID, Double> areas, Map<UUID, BedLines> lines) {
        return zone.beds().stream()
                .mapToDouble(bed -> {
                    double area = areas.get(bed.bed());
                    double efficiency = lines.get(bed.lines()) instanceof Soaker ? DRILLED : DRIP;
                    double flow = bed.flow().litresAnHour();
                    return flow <= 0 ? 0 : litresASquareMetre * area / efficiency / flow * MINUTES;
                })
                .max()
                .orElse(0);
    }

    /** By the bed whose soil holds least. */
    private static int waterings(Zone zone, MonthNeed month, Map<UUID, BedRevision> beds, SqueezeTest soil) {
        if (month.week() <= 0) {
            return 0;
        }
        double day = month.week() / DAYS;
        double share = READILY + 0.04 * (5 - day);
        double store = zone.beds().stream()
                .mapToDouble(bed -> held(beds.get(bed.bed()), soil))
                .min()
                .orElse(0);
        double days = Math.max(1, Math.floor(1000 * store * ROOTS * share / day));
        return (int) Math.max(1, Math.min(DAYS, Math.ceil(DAYS / days)));
    }

    /**
     * What soil holds for plants, of its volume: between field capacity and wilting (FAO-56, table 19, middles of the
     * ranges; the fill of a raised bed as loam; from memory).
     */
    private static double held(BedRevision bed, SqueezeTest soil) {
        if (bed.holding().isPositive()) {
            return 0.15;
        }
        return switch (soil) {
            case FALLS_APART -> 0.08;
            case HOLDS_AND_CRUMBLES, NOT_DONE -> 0.15;
            case MAKES_A_RIBBON -> 0.16;
        };
    }
}
