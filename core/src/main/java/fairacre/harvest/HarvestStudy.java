package fairacre.harvest;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Figure;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingStudy;
import fairacre.crop.PlantingTold;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The harvest of a season against what the household eats. What was stored in the season before is eaten on. The yield
 * of a planting comes evenly from the first harvest until it is cleared ({@link Picking}). The range of a harvest goes
 * from lean to good years as tables of extension services have it.
 */
public final class HarvestStudy {

    private static final int MONTHS = 12;
    private static final int DAYS_OF_WEEK = 7;
    /** Half as much again as is eaten is plenty (a rough guess). */
    private static final double PLENTY = 1.5;

    private static final double HAIR = 1e-9;

    private final Plan plan;
    private final LocalDate before;
    private final LocalDate begins;
    private final LocalDate ends;
    private final Map<UUID, PlantingTold> told = new LinkedHashMap<>();

    private HarvestStudy(Plan plan, int season) {
        this.plan = plan;
        this.before = plan.yearBegins().atYear(season - 1);
        this.begins = plan.yearBegins().atYear(season);
        this.ends = plan.yearBegins().atYear(season + 1);
        Stream.of(season - 1, season)
                .forEach(each -> PlantingStudy.of(plan, each, plan.standing(each))
                        .told(begins)
                        .forEach(planting -> told.merge(
                                planting.planting(),
                                planting,
                                (one, other) -> one.yield() > other.yield() ? one : other)));
    }

    /** Crops that are wished for in the order of the wishes, then what else is harvested. */
    public static HarvestTold of(Plan plan, int season) {
        return new HarvestStudy(plan, season).told();
    }

    /**
     * Kilograms that a planting gives in a season, as is usual.
     *
     * @param full what it gives in a year in full bearing
     */
    public static double given(Plan plan, Planting planting, double full, LocalDate begins, LocalDate ends) {
        return Picking.of(plan, planting)
                .mapToDouble(picking -> full * days(picking, begins, ends) / (double) days(picking))
                .sum();
    }

    /** Kilograms that each planting gives in a season, as is usual; what gives nothing is left out. */
    public static Map<UUID, Double> byPlanting(Plan plan, int season) {
        HarvestStudy study = new HarvestStudy(plan, season);
        Map<UUID, Double> given = new LinkedHashMap<>();
        plan.list(PlantingKinds.PLANTINGS)
                .forEach(planting -> Optional.ofNullable(study.told.get(planting.id()))
                        .map(told -> given(plan, planting, told.yield(), study.begins, study.ends))
                        .filter(kilograms -> kilograms > 0)
                        .ifPresent(kilograms -> given.put(planting.id(), kilograms)));
        return given;
    }

    private HarvestTold told() {
        Map<String, Crop> kinds = new LinkedHashMap<>();
        Map<String, List<Planting>> grown = new LinkedHashMap<>();
        HarvestKinds.wishes(plan).forEach(wish -> {
            Crop wished = kind(wish.wished(plan));
            kinds.put(wished.kind(), wished);
            grown.put(wished.kind(), List.of());
        });
        plan.list(PlantingKinds.PLANTINGS).stream()
                .filter(planting -> Optional.ofNullable(told.get(planting.id()))
                        .filter(each -> each.count() > 0 && each.yield() > 0)
                        .isPresent())
                .sorted(Comparator.comparing(Planting::from))
                .forEach(planting -> {
                    Crop crop = kind(planting.grown(plan));
                    kinds.put(crop.kind(), crop);
                    grown.merge(
                            crop.kind(),
                            List.of(planting),
                            (some, more) ->
                                    Stream.concat(some.stream(), more.stream()).toList());
                });
        return new HarvestTold(
                IntStream.range(0, MONTHS).mapToObj(begins::plusMonths).toList(),
                HarvestKinds.eaters(plan),
                grown.entrySet().stream()
                        .map(each -> food(kinds.get(each.getKey()), each.getValue()))
                        .filter(food -> food.wanted() > 0 || food.harvest().usual() > 0)
                        .toList());
    }

    /** The crop that a variety is counted with. */
    private static Crop kind(Crop crop) {
        return Crops.of(crop.kind()).orElse(crop);
    }

    private HarvestTold.Food food(Crop crop, List<Planting> plantings) {
        Optional<CropWish> wish = HarvestKinds.wishes(plan).stream()
                .filter(each -> each.wished(plan).kind().equals(crop.kind()))
                .findFirst();
        double wanted = wish.filter(each -> each.want() != Want.NEVER)
                .map(each -> HarvestKinds.kilograms(plan, each))
                .orElse(0.0);
        int start = day(begins);
        int end = day(ends);
        double[] picked = new double[end];
        plantings.forEach(planting -> pick(planting, picked));
        Larder larder = new Larder(picked, crop.keeps() * DAYS_OF_WEEK).follow(wanted, 0, start, end);
        double usual = larder.picked(start, end);
        Figure harvest = harvest(crop.yield(), usual);
        List<Planting> picks = plantings.stream()
                .filter(planting -> given(plan, planting, 1, begins, ends) > 0)
                .toList();
        int fullest = larder.fullest(start, end);
        return new HarvestTold.Food(
                crop.kind(),
                crop.name(),
                wish.map(CropWish::want),
                wanted,
                harvest,
                enough(harvest, wanted),
                larder.eaten(start, end),
                picks.stream()
                        .mapToInt(planting -> told.get(planting.id()).count())
                        .sum(),
                picks.stream()
                        .mapToDouble(planting -> told.get(planting.id()).yield()
                                / planting.grown(plan).yield().usual())
                        .sum(),
                byMonth(larder::picked),
                byMonth(larder::eaten),
                larder.stored(fullest),
                larder.stored(fullest) > HAIR ? Optional.of(before.plusDays(fullest)) : Optional.empty());
    }

    private static Figure harvest(Figure yield, double usual) {
        return usual < HAIR ? yield.times(0) : yield.times(usual / yield.usual());
    }

    /** What is summed up from one day to another. */
    @FunctionalInterface
    private interface OverDays {
        double sum(int from, int until);
    }

    private List<Double> byMonth(OverDays what) {
        return IntStream.range(0, MONTHS)
                .mapToObj(month -> what.sum(day(begins.plusMonths(month)), day(begins.plusMonths(month + 1))))
                .toList();
    }

    private void pick(Planting planting, double[] picked) {
        double full = told.get(planting.id()).yield();
        Picking.of(plan, planting).forEach(picking -> {
            double daily = full / days(picking);
            int last = Math.min(picked.length, day(picking.until()));
            for (int day = Math.max(0, day(picking.from())); day < last; day++) {
                picked[day] += daily;
            }
        });
    }

    private static Enough enough(Figure harvest, double wanted) {
        if (harvest.usual() < HAIR) {
            return Enough.NONE;
        }
        if (harvest.high() < wanted - HAIR) {
            return Enough.SHORT;
        }
        if (harvest.usual() < wanted - HAIR) {
            return Enough.IN_A_GOOD_YEAR;
        }
        return harvest.usual() > PLENTY * wanted + HAIR ? Enough.PLENTY : Enough.ENOUGH;
    }

    private int day(LocalDate date) {
        return Math.toIntExact(date.toEpochDay() - before.toEpochDay());
    }

    private static long days(Picking picking) {
        return picking.until().toEpochDay() - picking.from().toEpochDay();
    }

    private static long days(Picking picking, LocalDate begins, LocalDate ends) {
        long first = Math.max(picking.from().toEpochDay(), begins.toEpochDay());
        return Math.max(0, Math.min(picking.until().toEpochDay(), ends.toEpochDay()) - first);
    }
}
