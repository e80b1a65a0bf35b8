package fairacre.years;

import fairacre.cost.CostStudy;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.harvest.FoodPrices;
import fairacre.harvest.HarvestStudy;
import fairacre.journal.JournalEntry;
import fairacre.journal.YearStudy;
import fairacre.journal.YearStudy.CropYear;
import fairacre.journal.YearStudy.Picked;
import fairacre.ledger.Paid;
import fairacre.measure.Area;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.BedSoil;
import fairacre.shape.Memo;
import fairacre.water.SeasonWater;
import fairacre.water.WaterStudy;
import fairacre.work.Pace;
import fairacre.work.WorkStudy;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.joda.money.Money;

/** Tells a season as it was planned and as it went. */
public final class SeasonStudy {

    private static final int WEEK = 7;

    private final CostStudy costs;
    private final Plan plan;
    private final int season;
    private final List<JournalEntry> entries;

    private SeasonStudy(CostStudy costs, int season, List<JournalEntry> entries) {
        this.costs = costs;
        this.plan = costs.takeoff().plan();
        this.season = season;
        this.entries = entries;
    }

    /**
     * @param costs of the plan
     * @param pace at which the household works
     * @param entries of the season's journal that count
     * @param paid in all seasons
     * @param memo what was worked out before
     */
    public static SeasonFigures of(
            CostStudy costs, int season, Pace pace, List<JournalEntry> entries, List<Paid> paid, Memo memo) {
        return new SeasonStudy(costs, season, List.copyOf(entries)).figures(pace, paid, memo);
    }

    private SeasonFigures figures(Pace pace, List<Paid> paid, Memo memo) {
        List<CropFigures> crops = crops();
        List<BedFigures> beds = beds();
        Money nothing = Money.zero(plan.currency());
        Money value = crops.stream().flatMap(crop -> crop.value().stream()).reduce(nothing, Money::plus);
        Money spent = paid.stream()
                .filter(line -> line.season() == season && !line.ordered())
                .map(Paid::cost)
                .reduce(nothing, Money::plus);
        Area soil = beds.stream().map(BedFigures::soil).reduce(Area.ZERO, Area::plus);
        double kilograms = sum(crops, CropYear::kilograms);
        double hours = hours(entries);
        return new SeasonFigures(
                season,
                soil,
                sum(crops, CropYear::planned),
                kilograms,
                (int) sum(crops, CropYear::pieces),
                value,
                (int) crops.stream().filter(CropFigures::isOfUnknownValue).count(),
                WorkStudy.of(costs, season, pace).stages().stream()
                        .mapToDouble(WorkStudy.StageTold::hours)
                        .sum(),
                hours,
                costs.bill().total(season),
                spent,
                water(memo),
                losses(entries),
                weeks(),
                Ratios.of(kilograms, soil, hours),
                Ratios.of(value.getAmount().doubleValue(), soil, hours),
                each(spent, FoodPrices.quantity(kilograms, plan.units())),
                Ratios.of(value.getAmount().doubleValue(), spent.getAmount().doubleValue()),
                crops,
                beds);
    }

    private static Optional<Money> each(Money spent, double quantity) {
        return quantity > 0
                ? Optional.of(spent.dividedBy(BigDecimal.valueOf(quantity), RoundingMode.HALF_UP))
                : Optional.empty();
    }

    private static double sum(List<CropFigures> crops, ToDoubleFunction<CropYear> what) {
        return crops.stream().map(CropFigures::year).mapToDouble(what).sum();
    }

    private List<CropFigures> crops() {
        Map<String, Integer> lost = new HashMap<>();
        entries.forEach(entry ->
                entry.loss().flatMap(JournalEntry.Loss::crop).ifPresent(crop -> lost.merge(crop, 1, Integer::sum)));
        List<Picked> picked = entries.stream()
                .flatMap(entry -> entry.harvest().stream())
                .map(SeasonStudy::picked)
                .toList();
        return YearStudy.of(plan, season, picked).stream()
                .map(year -> CropFigures.of(plan, year, lost.getOrDefault(year.crop(), 0)))
                .toList();
    }

    private static Picked picked(JournalEntry.Harvest harvest) {
        return new Picked(
                harvest.crop(),
                harvest.variety(),
                harvest.kilograms().orElse(0.0),
                harvest.pieces().orElse(0));
    }

    /** In the order of the plan. */
    private List<BedFigures> beds() {
        Places places = new Places(costs);
        Map<UUID, List<JournalEntry>> happened = new HashMap<>();
        entries.forEach(entry -> places.bedOf(entry)
                .ifPresent(bed -> happened.computeIfAbsent(bed, unknown -> new ArrayList<>())
                        .add(entry)));
        Map<UUID, Double> planned = new HashMap<>();
        Map<UUID, Double> given = HarvestStudy.byPlanting(plan, season);
        for (Planting planting : plan.list(PlantingKinds.PLANTINGS)) {
            planned.merge(planting.bed(), given.getOrDefault(planting.id(), 0.0), Double::sum);
        }
        return plan.standing(season).stream()
                .map(bed ->
                        figures(bed, planned.getOrDefault(bed.id(), 0.0), happened.getOrDefault(bed.id(), List.of())))
                .toList();
    }

    private static BedFigures figures(StandingBed bed, double planned, List<JournalEntry> happened) {
        Area soil = soil(bed);
        double kilograms = kilograms(happened);
        return new BedFigures(
                bed.id(),
                bed.name(),
                soil,
                planned,
                kilograms,
                pieces(happened),
                hours(happened),
                losses(happened),
                Ratios.of(kilograms, soil.squareMetres()));
    }

    static Area soil(StandingBed bed) {
        return Area.squareMetres(BedSoil.of(bed.revision()).getArea());
    }

    static double kilograms(List<JournalEntry> entries) {
        return entries.stream()
                .flatMap(entry -> entry.harvest().stream())
                .flatMap(harvest -> harvest.kilograms().stream())
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    static int pieces(List<JournalEntry> entries) {
        return entries.stream()
                .flatMap(entry -> entry.harvest().stream())
                .flatMap(harvest -> harvest.pieces().stream())
                .mapToInt(Integer::intValue)
                .sum();
    }

    static double hours(List<JournalEntry> entries) {
        return entries.stream()
                .flatMap(entry -> entry.done().stream())
                .flatMap(done -> done.hours().stream())
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    private static int losses(List<JournalEntry> entries) {
        return (int) entries.stream().filter(entry -> entry.loss().isPresent()).count();
    }

    private Volume water(Memo memo) {
        return WaterStudy.of(plan, season, plan.standing(season), memo).water().season().stream()
                .map(SeasonWater::volume)
                .reduce(Volume.ZERO, Volume::plus);
    }

    private List<Double> weeks() {
        LocalDate begins = plan.yearBegins().atYear(season);
        LocalDate ends = plan.yearBegins().atYear(season + 1);
        double[] weighed = new double[week(begins, ends.minusDays(1)) + 1];
        entries.forEach(entry -> entry.harvest()
                .flatMap(JournalEntry.Harvest::kilograms)
                .ifPresent(kilograms -> weighed[week(begins, entry.day())] += kilograms));
        List<Double> weeks = new ArrayList<>();
        double sum = 0;
        for (double each : weighed) {
            sum += each;
            weeks.add(sum);
        }
        return weeks;
    }

    private static int week(LocalDate begins, LocalDate day) {
        return (int) ChronoUnit.DAYS.between(begins, day) / WEEK;
    }
}
