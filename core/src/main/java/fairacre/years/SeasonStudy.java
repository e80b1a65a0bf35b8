package fairacre.years;

import fairacre.cost.CostStudy;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.harvest.FoodPrices;
import fairacre.harvest.HarvestStudy;
import fairacre.journal.JournalEntry;
import fairacre.journal.Picked;
import fairacre.journal.YearStudy;
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
        Picked picked = crops.stream().map(crop -> crop.year().picked()).reduce(Picked.NOTHING, Picked::plus);
        double hours = hours(entries);
        return new SeasonFigures(
                season,
                soil,
                crops.stream().mapToDouble(crop -> crop.year().planned()).sum(),
                picked,
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
                Ratios.of(picked.kilograms(), soil, hours),
                Ratios.of(value.getAmount().doubleValue(), soil, hours),
                each(spent, FoodPrices.quantity(picked.kilograms(), plan.units())),
                Ratios.of(value.getAmount().doubleValue(), spent.getAmount().doubleValue()),
                crops,
                beds);
    }

    private static Optional<Money> each(Money spent, double quantity) {
        return quantity > 0
                ? Optional.of(spent.dividedBy(BigDecimal.valueOf(quantity), RoundingMode.HALF_UP))
                : Optional.empty();
    }

    private List<CropFigures> crops() {
        Map<String, Integer> lost = new HashMap<>();
        entries.forEach(entry ->
                entry.loss().flatMap(JournalEntry.Loss::crop).ifPresent(crop -> lost.merge(crop, 1, Integer::sum)));
        return YearStudy.of(plan, season, YearStudy.picked(entries)).stream()
                .map(year -> CropFigures.of(plan, year, lost.getOrDefault(year.crop(), 0)))
                .toList();
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
        Picked picked = Picked.of(happened);
        return new BedFigures(
                bed.id(),
                bed.name(),
                soil,
                planned,
                picked,
                hours(happened),
                losses(happened),
                Ratios.of(picked.kilograms(), soil.squareMetres()));
    }

    static Area soil(StandingBed bed) {
        return Area.squareMetres(BedSoil.of(bed.revision()).getArea());
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
