package fairacre.rotation;

import fairacre.catalogue.Family;
import fairacre.crop.Planting;
import fairacre.husbandry.Company;
import fairacre.husbandry.FamilyHistory;
import fairacre.plan.Plan;
import fairacre.rotation.Offers.Offer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Offers of which one may be taken at most, by their numbers. */
final class Rivals {

    private final Plan plan;
    private final List<Offer> offers;
    private final List<int[]> rivals = new ArrayList<>();

    private Rivals(Plan plan, List<Offer> offers) {
        this.plan = plan;
        this.offers = offers;
    }

    static List<int[]> among(Plan plan, List<Offer> offers, YearsAsked asked) {
        return new Rivals(plan, offers).all(asked);
    }

    /** Whether a family would be back too soon in the soil of both, whichever comes first. */
    static boolean isTooSoon(Plan plan, Planting one, Planting other) {
        int apart = Math.abs(Plan.season(one.from(), plan.yearBegins()) - Plan.season(other.from(), plan.yearBegins()));
        return FamilyHistory.counts(plan, one)
                && FamilyHistory.counts(plan, other)
                && one.grown(plan).family() == other.grown(plan).family()
                && apart < FamilyHistory.wait(one.grown(plan).family())
                && one.sharesSoil(other)
                && !one.meets(other);
    }

    private List<int[]> all(YearsAsked asked) {
        Map<Integer, List<Integer>> byGround = IntStream.range(0, offers.size())
                .boxed()
                .collect(Collectors.groupingBy(i -> offers.get(i).ground()));
        Map<Integer, List<List<Integer>>> crowds = new HashMap<>();
        byGround.forEach((ground, some) -> {
            crowds.put(ground, crowds(some));
            crowds.get(ground).forEach(this::add);
            families(some, asked);
        });
        IntStream.range(0, offers.size()).forEach(i -> company(i, crowds));
        return rivals;
    }

    private void add(List<Integer> some) {
        if (some.size() > 1) {
            rivals.add(some.stream().mapToInt(Integer::intValue).toArray());
        }
    }

    /** Those that grow in one place on a day, once for each day on which they are most. */
    private List<List<Integer>> crowds(List<Integer> some) {
        List<LocalDate> days = some.stream()
                .map(i -> offers.get(i).planting().from())
                .distinct()
                .sorted()
                .toList();
        List<List<Integer>> crowds = new ArrayList<>();
        for (int d = 0; d < days.size(); d++) {
            LocalDate day = days.get(d);
            List<Integer> there = some.stream().filter(i -> isThere(i, day)).toList();
            // Who all are there on the next day too is told then.
            LocalDate next = d + 1 < days.size() ? days.get(d + 1) : LocalDate.MAX;
            if (there.stream().anyMatch(i -> !isThere(i, next))) {
                crowds.add(there);
            }
        }
        return crowds;
    }

    private boolean isThere(int number, LocalDate day) {
        Planting planting = offers.get(number).planting();
        return !day.isBefore(planting.from()) && day.isBefore(planting.until());
    }

    /** A family grows in one place once in as many seasons as it waits. */
    private void families(List<Integer> some, YearsAsked asked) {
        Map<Family, List<Integer>> byFamily = some.stream()
                .filter(i -> FamilyHistory.counts(plan, offers.get(i).planting()))
                .collect(Collectors.groupingBy(i -> offers.get(i).crop().family()));
        byFamily.forEach((family, kin) -> {
            int wait = FamilyHistory.wait(family);
            int last = Math.max(asked.first(), asked.last() - wait + 1);
            for (int season = asked.first(); season <= last; season++) {
                int from = season;
                add(kin.stream()
                        .filter(i ->
                                offers.get(i).season() >= from && offers.get(i).season() < from + wait)
                        .toList());
            }
        });
    }

    /** With those that grow in other parts of the bed on a day. */
    private void company(int number, Map<Integer, List<List<Integer>>> crowds) {
        Offer offer = offers.get(number);
        crowds.forEach((ground, some) -> {
            if (ground > offer.ground() && bedOf(some).equals(offer.planting().bed())) {
                some.forEach(crowd -> {
                    List<Integer> bad = new ArrayList<>(crowd.stream()
                            .filter(i -> Company.isBad(
                                    plan, offer.planting(), offers.get(i).planting()))
                            .toList());
                    bad.add(number);
                    add(bad);
                });
            }
        });
    }

    private UUID bedOf(List<List<Integer>> some) {
        return offers.get(some.get(0).get(0)).planting().bed();
    }
}
