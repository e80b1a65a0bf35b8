package fairacre.water;

import fairacre.parts.Parts;
import fairacre.plan.Plan;
import fairacre.water.GrowthSource.Growing;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What the beds of a season want in its months. A bed is watered all over, so each day it gets what the thirstiest of
 * its crops wants; the week of a month is that of the days on which something grows. Where nothing is planted in the
 * season, mixed vegetables are taken. Outside the growing months nothing is watered. Under a roof no rain counts; what
 * is given off there is taken to be that of the open.
 */
public final class BedNeeds {

    private final int season;
    private final MonthDay yearBegins;
    private final Optional<Climate> climate;
    private final Optional<WaterNeed> need;
    private final List<MonthNeed> mixed;
    private final Map<UUID, List<Growing>> growing;
    private final Set<UUID> rainless;
    private final Map<UUID, List<BedMonth>> known = new HashMap<>();

    private BedNeeds(Plan plan, int season) {
        this.season = season;
        this.yearBegins = plan.yearBegins();
        this.climate = plan.list(WaterKinds.CLIMATES).stream().findFirst();
        this.need = climate.flatMap(each -> WaterNeed.in(each, plan.site().latitude()));
        this.mixed = need.map(WaterNeed::mixed).orElse(List.of());
        this.growing = Parts.bringing(GrowthSource.class).stream()
                .flatMap(source -> source.growing(plan, season))
                .collect(Collectors.groupingBy(Growing::bed));
        this.rainless = Parts.bringing(GrowthSource.class).stream()
                .flatMap(source -> source.rainless(plan, season).stream())
                .collect(Collectors.toSet());
    }

    public static BedNeeds of(Plan plan, int season) {
        return new BedNeeds(plan, season);
    }

    /**
     * A month of a bed.
     *
     * @param thirstiest name of the crop that wants most; empty where nothing grows, or nobody said what
     */
    public record BedMonth(Optional<String> thirstiest, MonthNeed need) {}

    /**
     * @param planted whether it is known what grows there
     * @param months January to December; empty without normals of the weather
     */
    public record BedNeed(UUID bed, boolean planted, List<BedMonth> months) {
        public BedNeed {
            months = List.copyOf(months);
        }
    }

    /** Of mixed vegetables, January to December; empty without normals of the weather. */
    List<MonthNeed> mixed() {
        return mixed;
    }

    public BedNeed of(UUID bed) {
        return new BedNeed(bed, growing.containsKey(bed), months(bed));
    }

    /**
     * Litres that are to come to a square metre of a bed in a week of a month: 0 if rain is enough or nothing grows; by
     * the rule of thumb without normals of the weather, or where no month is asked for.
     *
     * @param month 1 to 12
     */
    double week(UUID bed, Optional<Integer> month) {
        return month.filter(each -> need.isPresent())
                .map(each -> Math.max(0, months(bed).get(each - 1).need().week()))
                .orElse(Programme.RULE_OF_THUMB);
    }

    /** Days of a month on which a bed is watered, if rain is not enough. */
    double days(UUID bed, int month) {
        return months(bed).get(month - 1).need().days();
    }

    /**
     * January to December, of what several beds want together.
     *
     * @param shares what of the water goes to each bed
     */
    List<MonthNeed> together(Map<UUID, Double> shares) {
        double all = shares.values().stream().mapToDouble(share -> share).sum();
        return need.filter(known -> all > 0)
                .map(known -> IntStream.rangeClosed(1, Climate.MONTHS)
                        .mapToObj(month -> known.month(
                                month,
                                shares.entrySet().stream()
                                                .mapToDouble(bed -> bed.getValue() * usualDay(bed.getKey(), month))
                                                .sum()
                                        / all,
                                WaterNeed.days(month),
                                1))
                        .toList())
                .orElse(mixed);
    }

    /** The coefficient of all days of a month, also of those on which nothing grows. */
    private double usualDay(UUID bed, int month) {
        MonthNeed of = months(bed).get(month - 1).need();
        return of.crop() * of.days() / WaterNeed.days(month);
    }

    /** Share of the rain that reaches a bed. */
    double open(UUID bed) {
        return rainless.contains(bed) ? 0 : 1;
    }

    private List<BedMonth> months(UUID bed) {
        return known.computeIfAbsent(
                bed,
                unknown -> need.map(known -> growing.containsKey(bed) ? planted(known, bed) : unplanted(known, bed))
                        .orElse(List.of()));
    }

    private List<BedMonth> unplanted(WaterNeed known, UUID bed) {
        return mixed.stream()
                .map(month -> new BedMonth(
                        Optional.empty(), known.month(month.month(), month.crop(), month.days(), open(bed))))
                .toList();
    }

    private List<BedMonth> planted(WaterNeed known, UUID bed) {
        return IntStream.rangeClosed(1, Climate.MONTHS)
                .mapToObj(month -> month(known, month, bed))
                .toList();
    }

    /** What wants most on a day. */
    private record Thirst(double coefficient, Growing of) {}

    private BedMonth month(WaterNeed known, int month, UUID bed) {
        LocalDate first = first(month);
        List<Thirst> days = first.datesUntil(first.plusMonths(1))
                .flatMap(day -> growing.get(bed).stream()
                        .flatMap(each -> thirst(each, day).stream())
                        .max(Comparator.comparingDouble(Thirst::coefficient))
                        .stream())
                .toList();
        return new BedMonth(
                days.stream()
                        .max(Comparator.comparingDouble(Thirst::coefficient))
                        .map(thirst -> thirst.of().name()),
                known.month(
                        month,
                        days.stream().mapToDouble(Thirst::coefficient).average().orElse(0),
                        days.size(),
                        open(bed)));
    }

    /** The first day of a month within the season. */
    private LocalDate first(int month) {
        LocalDate first = LocalDate.of(season, month, 1);
        return MonthDay.of(month, Month.of(month).maxLength()).isBefore(yearBegins) ? first.plusYears(1) : first;
    }

    private Optional<Thirst> thirst(Growing each, LocalDate day) {
        double grownHere = climate.orElseThrow().grown(day);
        if (grownHere < 0 || day.isBefore(each.from()) || !day.isBefore(each.until())) {
            return Optional.empty();
        }
        double grown = each.lasting()
                ? grownHere
                : (double) ChronoUnit.DAYS.between(each.from(), day)
                        / ChronoUnit.DAYS.between(each.from(), each.until());
        return Optional.of(new Thirst(each.coefficient().at(grown), each));
    }
}
