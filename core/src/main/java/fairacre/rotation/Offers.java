package fairacre.rotation;

import fairacre.catalogue.Crop;
import fairacre.crop.NewPlantings;
import fairacre.crop.Planting;
import fairacre.crop.PlantingStudy;
import fairacre.crop.SowingTimes;
import fairacre.harvest.CropWish;
import fairacre.husbandry.BedCare;
import fairacre.husbandry.Company;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.sun.SunHours;
import fairacre.sun.SunStudy;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** All plantings of crops that are wished for that break no rule by themselves, in every year and bed. */
final class Offers {

    /** A crop that lacks more sun than this in the mean of the growing months is not tried, hours. */
    private static final double DIM = 1.5;

    private static final int DAYS_OF_WEEK = 7;

    /** Why a crop is not offered. */
    enum Against {
        ROOM("no bed is free for long enough"),
        SUN("no bed has as much sun as it wants"),
        SUPPORT("nothing to climb on stands at a free bed; put up a trellis, or leave that rule aside"),
        SPRAWL("it would close a walk or creep over the next bed; that rule can be left aside"),
        LINES("it is earthed up, and lines of water lie in all free beds; that rule can be left aside"),
        WET("sprinklers would wet its leaves"),
        NET("a pest comes for it, and no bed has a net"),
        DISEASE("a disease of its family was found in the free beds"),
        FAMILY("its family grew there too short a time before"),
        COMPANY("what stays in the beds does not go with it"),
        TIME("it does not ripen before frost");

        private final String words;

        Against(String words) {
            this.words = words;
        }
    }

    /**
     * @param ground where it would grow, by number
     * @param season in which it is planted
     * @param kilograms that it gives, as is usual
     * @param late weeks after the first day on which it could be planted
     */
    record Offer(int ground, Crop crop, Planting planting, int season, double kilograms, int late) {}

    private final Plan plan;
    private final List<Ground> grounds;
    private final List<Planting> fixed;
    private final List<Offer> offers = new ArrayList<>();
    private final Map<String, Map<Against, Integer>> against = new LinkedHashMap<>();

    private Offers(Plan plan, List<Ground> grounds, List<Planting> fixed) {
        this.plan = plan;
        this.grounds = grounds;
        this.fixed = fixed;
    }

    /** @param fixed plantings that stay */
    static Offers of(
            Plan plan, YearsAsked asked, List<Ground> grounds, List<Planting> fixed, List<CropWish> wishes, Memo memo) {
        Offers offers = new Offers(plan, grounds, fixed);
        for (int season = asked.first(); season <= asked.last(); season++) {
            Year year = Year.of(plan, season, memo);
            wishes.forEach(wish ->
                    IntStream.range(0, grounds.size()).forEach(ground -> offers.add(year, wish.wished(plan), ground)));
        }
        return offers;
    }

    List<Offer> all() {
        return List.copyOf(offers);
    }

    /** What speaks against a kind of crop in most beds and years; empty if it is offered. */
    Optional<String> against(String crop) {
        return offers.stream().anyMatch(offer -> offer.crop().kind().equals(crop))
                ? Optional.empty()
                : against.getOrDefault(crop, Map.of()).entrySet().stream()
                        .max(Map.Entry.comparingByValue())
                        .map(most -> most.getKey().words);
    }

    /** What is known of a season. */
    private record Year(
            int season,
            Map<UUID, BedRevision> beds,
            Set<UUID> next,
            Map<UUID, Double> sun,
            SowingTimes times,
            BedCare care) {

        static Year of(Plan plan, int season, Memo memo) {
            memo.goOn();
            return new Year(
                    season,
                    plan.standing(season).stream().collect(Collectors.toMap(StandingBed::id, StandingBed::revision)),
                    plan.standing(season + 1).stream().map(StandingBed::id).collect(Collectors.toSet()),
                    SunStudy.of(plan, season, memo).growing().beds().stream()
                            .collect(Collectors.toMap(SunHours.BedSun::bed, SunHours.BedSun::growing)),
                    new SowingTimes(plan, season),
                    new BedCare(plan, season));
        }

        boolean isDim(Crop crop, UUID bed) {
            return crop.sun() - sun.getOrDefault(bed, (double) crop.sun()) > DIM;
        }
    }

    private void add(Year year, Crop crop, int number) {
        UUID bed = grounds.get(number).bed();
        if (crop.perennial().isPresent() || !year.beds().containsKey(bed)) {
            return;
        }
        if (year.isDim(crop, bed)) {
            count(crop, Against.SUN);
            return;
        }
        List<LocalDate> days = NewPlantings.days(year.times(), crop, bed);
        if (days.isEmpty()) {
            count(crop, Against.TIME);
        }
        for (LocalDate day : days) {
            Planting planting = planting(year.times(), crop, number, day);
            int late = Math.toIntExact((day.toEpochDay() - days.get(0).toEpochDay()) / DAYS_OF_WEEK);
            if (isWithin(planting, year)) {
                add(year, new Offer(number, crop, planting, year.season(), 0, late));
            }
        }
    }

    /** Whether it is begun in the season, and its bed stays until it is cleared. */
    private boolean isWithin(Planting planting, Year year) {
        return Plan.season(planting.from(), plan.yearBegins()) == year.season()
                && (Plan.season(planting.until().minusDays(1), plan.yearBegins()) <= year.season()
                        || year.next().contains(planting.bed()));
    }

    private void add(Year year, Offer offer) {
        Planting planting = offer.planting();
        BedRevision bed = year.beds().get(planting.bed());
        Optional<Against> reason = against(planting, year.care());
        reason.ifPresent(each -> count(offer.crop(), each));
        if (reason.isEmpty() && PlantingStudy.count(plan, bed, planting) > 0) {
            offers.add(new Offer(
                    offer.ground(),
                    offer.crop(),
                    planting,
                    offer.season(),
                    PlantingStudy.kilograms(plan, bed, planting),
                    offer.late()));
        }
    }

    private void count(Crop crop, Against reason) {
        against.computeIfAbsent(crop.kind(), unknown -> new EnumMap<>(Against.class))
                .merge(reason, 1, Integer::sum);
    }

    /** The same for the same crop, place and day: what was planned before stays what it is. */
    private Planting planting(SowingTimes times, Crop crop, int number, LocalDate day) {
        Ground ground = grounds.get(number);
        String words = "planned " + crop.kind() + " in " + ground.bed() + " " + ground.part() + " on " + day;
        UUID planned = UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8));
        boolean taken = fixed.stream().anyMatch(each -> each.id().equals(planned));
        return NewPlantings.planting(times, crop, ground.bed(), taken ? plan.newId(words) : planned, day)
                .in(ground.part());
    }

    private Optional<Against> against(Planting planting, BedCare care) {
        if (fixed.stream().anyMatch(each -> each.sharesSoil(planting) && each.meets(planting))) {
            return Optional.of(Against.ROOM);
        }
        if (care.lacksSupport(planting)) {
            return Optional.of(Against.SUPPORT);
        }
        if (care.lacksRoom(planting)) {
            return Optional.of(Against.SPRAWL);
        }
        if (care.wetsLeaves(planting)) {
            return Optional.of(Against.WET);
        }
        if (care.buriesLines(planting)) {
            return Optional.of(Against.LINES);
        }
        if (care.lacksNet(planting)) {
            return Optional.of(Against.NET);
        }
        if (care.diseaseOf(planting).isPresent()) {
            return Optional.of(Against.DISEASE);
        }
        if (fixed.stream().anyMatch(each -> Rivals.isTooSoon(plan, each, planting))) {
            return Optional.of(Against.FAMILY);
        }
        return fixed.stream().anyMatch(each -> Company.isBad(plan, each, planting))
                ? Optional.of(Against.COMPANY)
                : Optional.empty();
    }

    /** Whether a planting is one that may be chosen anew. */
    static boolean isFree(Plan plan, YearsAsked asked, Set<UUID> beds, Set<UUID> locked, Planting planting) {
        return asked.isOf(Plan.season(planting.from(), plan.yearBegins()))
                && beds.contains(planting.bed())
                && planting.grown(plan).perennial().isEmpty()
                && !locked.contains(planting.id());
    }
}
