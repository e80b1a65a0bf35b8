package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Raising;
import fairacre.catalogue.Varieties;
import fairacre.crop.SowingTold.CropTimes;
import fairacre.crop.SowingTold.Deed;
import fairacre.crop.SowingTold.SowingDay;
import fairacre.frost.Warmth;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.time.Month;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The sowing calendar of a season. */
public final class SowingStudy {

    private final Plan plan;
    private final int season;
    private final SowingTimes times;

    private SowingStudy(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
        this.times = new SowingTimes(plan, season);
    }

    public static SowingTold of(Plan plan, int season) {
        return new SowingStudy(plan, season).told();
    }

    private SowingTold told() {
        return new SowingTold(
                times.frost().basis(),
                times.frost().last(),
                times.frost().first(),
                Warmth.of(plan).stream()
                        .flatMap(warmth -> Arrays.stream(Month.values()).map(warmth::soil))
                        .toList(),
                days(),
                Varieties.all(plan).stream().map(this::times).toList());
    }

    private List<SowingDay> days() {
        LocalDate begins = plan.yearBegins().atYear(season);
        return PlantingStudy.of(plan, season, plan.standing(season)).told(begins).stream()
                .filter(told -> told.count() > 0)
                .flatMap(told -> days(planting(told), told))
                .filter(day -> Plan.season(day.day(), plan.yearBegins()) == season)
                .sorted(Comparator.comparing(SowingDay::day).thenComparing(SowingDay::planting))
                .toList();
    }

    private Planting planting(PlantingTold told) {
        return plan.list(PlantingKinds.PLANTINGS).stream()
                .filter(each -> each.id().equals(told.planting()))
                .findFirst()
                .orElseThrow();
    }

    private Stream<SowingDay> days(Planting planting, PlantingTold told) {
        int seeds = told.wanted().seeds();
        boolean sown = planting.raising() == Raising.SOWN;
        Stream<SowingDay> indoors =
                planting.indoors(plan).stream().map(day -> new SowingDay(day, Deed.SOW_INDOORS, planting.id(), seeds));
        Stream<SowingDay> outside = Stream.of(new SowingDay(
                planting.from(), sown ? Deed.SOW : Deed.PLANT, planting.id(), sown ? seeds : told.count()));
        Stream<SowingDay> harvest = Stream.of(planting.ripe(plan))
                .filter(day -> planting.grown(plan).yield().usual() > 0 && day.isBefore(planting.until()))
                .map(day -> new SowingDay(day, Deed.HARVEST, planting.id(), 0));
        Stream<SowingDay> cleared = Stream.of(new SowingDay(planting.until(), Deed.CLEAR, planting.id(), 0));
        return Stream.of(indoors, outside, harvest, cleared).flatMap(some -> some);
    }

    private CropTimes times(Crop crop) {
        Raising raising = NewPlantings.raising(crop);
        SowingTimes.Sown sown = new SowingTimes.Sown(crop, raising, Optional.empty());
        LocalDate from = times.first(sown);
        return new CropTimes(
                crop.key(),
                crop.variety(),
                crop.indoors().filter(weeks -> raising == Raising.RAISED).map(from::minusWeeks),
                from,
                times.last(sown, from),
                sown.comesUp() ? Math.toIntExact(times.comesUpAfter(crop, from)) : 0);
    }
}
