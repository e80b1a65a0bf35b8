package fairacre.water;

import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.SqueezeTest;
import fairacre.plan.StandingBed;
import fairacre.shape.BedSoil;
import fairacre.shape.Memo;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * How long each zone is to run in a week of each month, and when.
 *
 * @param months what mixed vegetables want; empty without normals of the weather
 * @param zones in their order
 */
public record Programme(List<MonthNeed> months, List<ZoneMinutes> zones) {

    public static final Programme NONE = new Programme(List.of(), List.of());

    /** Of a week without normals, litres a square metre (common practice). */
    static final double RULE_OF_THUMB = 25;

    private static final double HAIR = 1e-9;
    private static final double MINUTES = 60;
    private static final double WEEK = 7;

    public Programme {
        months = List.copyOf(months);
        zones = List.copyOf(zones);
    }

    /** The hours that are set in a plan, or the usual ones. */
    static WateringWindow window(Plan plan) {
        return plan.list(WaterKinds.WINDOWS).stream().findFirst().orElse(WateringWindow.USUAL);
    }

    static Programme of(
            Plan plan,
            List<StandingBed> standing,
            List<Zone> zones,
            Map<UUID, BedLines> lines,
            WateringWindow window,
            BedNeeds needs,
            Memo memo) {
        List<MonthNeed> months = needs.mixed();
        List<ZoneWater> waters = zones.stream()
                .map(zone ->
                        ZoneWater.of(zone, standing, lines, plan.site().soil().squeeze(), memo))
                .toList();
        List<ZoneMinutes.Weekly> thumb = week(waters, bed -> RULE_OF_THUMB, window);
        List<List<ZoneMinutes.Weekly>> weeks = months.stream()
                .map(month -> week(waters, bed -> needs.week(bed, Optional.of(month.month())), window))
                .toList();
        return new Programme(
                months,
                IntStream.range(0, zones.size())
                        .mapToObj(i -> new ZoneMinutes(
                                zones.get(i).valve(),
                                thumb.get(i),
                                weeks.stream().map(week -> week.get(i)).toList(),
                                year(zones.get(i), weeks, i, needs),
                                tooMuch(waters.get(i), weeks, i, needs)))
                        .toList());
    }

    private static Optional<ZoneMinutes.TooMuch> tooMuch(
            ZoneWater zone, List<List<ZoneMinutes.Weekly>> weeks, int index, BedNeeds needs) {
        return IntStream.rangeClosed(1, weeks.size())
                .boxed()
                .max(Comparator.comparingDouble(
                        month -> weeks.get(month - 1).get(index).minutes()))
                .flatMap(month -> zone.tooMuch(month, needs));
    }

    /** The weeks of each month, or that of the rule of thumb where nothing else is known. */
    List<Week> weeks() {
        return months.isEmpty()
                ? List.of(new Week(
                        Optional.empty(),
                        zones.stream().map(ZoneMinutes::ruleOfThumb).toList()))
                : IntStream.range(0, months.size())
                        .mapToObj(i -> new Week(
                                Optional.of(months.get(i).month()),
                                zones.stream().map(zone -> zone.months().get(i)).toList()))
                        .toList();
    }

    /**
     * All zones in a week.
     *
     * @param month 1 to 12; empty by the rule of thumb
     */
    record Week(Optional<Integer> month, List<ZoneMinutes.Weekly> zones) {

        double minutes() {
            return zones.stream().mapToDouble(ZoneMinutes.Weekly::minutes).sum();
        }

        boolean isLate() {
            return zones.stream().anyMatch(zone -> zone.setting().late());
        }

        boolean isSeldom() {
            return zones.stream().anyMatch(zone -> zone.setting().seldom());
        }
    }

    /** Litres that run through a zone on the days on which it waters something. */
    private static double year(Zone zone, List<List<ZoneMinutes.Weekly>> weeks, int index, BedNeeds needs) {
        return IntStream.range(0, weeks.size())
                .mapToDouble(i -> weeks.get(i).get(index).litres()
                        * zone.beds().stream()
                                .mapToDouble(bed -> needs.days(bed.bed(), i + 1))
                                .max()
                                .orElse(0)
                        / WEEK)
                .sum();
    }

    /**
     * One bed of a zone.
     *
     * @param area of its soil, square metres
     * @param flow as it runs, litres an hour
     */
    private record BedShare(UUID bed, double area, double efficiency, double flow, RootSoil soil) {

        /** Minutes for so many litres on a square metre; 0 if nothing flows. */
        double minutes(double litresASquareMetre) {
            return flow <= 0 ? 0 : litresASquareMetre * area / efficiency / flow * MINUTES;
        }

        /** Minutes that it may run at a stretch. */
        double longest() {
            return soil.longestRun(flow / area).orElse(Double.POSITIVE_INFINITY);
        }
    }

    /** The question how much soil a bed has, square metres. */
    private record SoilOf(BedRevision bed) {}

    /** A zone, by what its beds want. */
    private record ZoneWater(Zone zone, List<BedShare> beds) {

        static ZoneWater of(
                Zone zone, List<StandingBed> standing, Map<UUID, BedLines> lines, SqueezeTest ground, Memo memo) {
            Map<UUID, BedRevision> beds = new HashMap<>();
            standing.forEach(bed -> beds.put(bed.id(), bed.revision()));
            return new ZoneWater(
                    zone,
                    zone.beds().stream()
                            .map(water -> {
                                BedRevision bed = beds.get(water.bed());
                                return new BedShare(
                                        water.bed(),
                                        soil(bed, memo),
                                        lines.get(water.lines()).efficiency(),
                                        water.flow().litresAnHour(),
                                        RootSoil.of(bed, ground));
                            })
                            .toList());
        }

        /** The bed for which the minutes of the zone are most too many in a month. */
        Optional<ZoneMinutes.TooMuch> tooMuch(int month, BedNeeds needs) {
            Map<UUID, Double> minutes = new HashMap<>();
            beds.forEach(bed -> minutes.put(bed.bed(), bed.minutes(needs.week(bed.bed(), Optional.of(month)))));
            double longest =
                    minutes.values().stream().mapToDouble(each -> each).max().orElse(0);
            return beds.stream()
                    .map(BedShare::bed)
                    .filter(bed -> minutes.get(bed) > 0)
                    .min(Comparator.comparingDouble(minutes::get))
                    .map(bed -> new ZoneMinutes.TooMuch(bed, month, longest / minutes.get(bed)))
                    .filter(most -> most.times() >= ZoneMinutes.LIKE - HAIR);
        }

        /** As long as the bed takes that takes longest. */
        Timetable.Wish wish(ToDoubleFunction<UUID> litresASquareMetre) {
            double minutes = 0;
            int lasts = Integer.MAX_VALUE;
            for (BedShare bed : beds) {
                double litres = litresASquareMetre.applyAsDouble(bed.bed());
                if (litres > 0) {
                    minutes = Math.max(minutes, bed.minutes(litres));
                    lasts = Math.min(lasts, bed.soil().lasts(litres / WEEK));
                }
            }
            return new Timetable.Wish(
                    zone.source(),
                    minutes,
                    minutes > 0 ? lasts : 0,
                    beds.stream().mapToDouble(BedShare::longest).min().orElse(Double.POSITIVE_INFINITY));
        }
    }

    /** Square metres of soil in a bed. */
    static double soil(BedRevision bed, Memo memo) {
        return memo.recall(new SoilOf(bed), () -> BedSoil.of(bed).getArea());
    }

    private static List<ZoneMinutes.Weekly> week(
            List<ZoneWater> zones, ToDoubleFunction<UUID> litresASquareMetre, WateringWindow window) {
        List<Timetable.Wish> wishes =
                zones.stream().map(zone -> zone.wish(litresASquareMetre)).toList();
        List<Timetable.Setting> settings = Timetable.of(wishes, window);
        return IntStream.range(0, zones.size())
                .mapToObj(i -> new ZoneMinutes.Weekly(
                        wishes.get(i).minutes(),
                        wishes.get(i).minutes()
                                / MINUTES
                                * zones.get(i).zone().flow().litresAnHour(),
                        wishes.get(i).lasts(),
                        settings.get(i)))
                .toList();
    }
}
