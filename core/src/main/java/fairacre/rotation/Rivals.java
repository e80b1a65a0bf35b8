package fairacre.rotation;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Family;
import fairacre.crop.Planting;
import fairacre.husbandry.Company;
import fairacre.husbandry.FamilyHistory;
import fairacre.plan.Plan;
import fairacre.rotation.Offers.Offer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

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
        byGround.forEach((ground, some) -> {
            crowds(some).forEach(this::add);
            families(some, asked);
        });
        byGround.forEach((ground, some) -> byGround.forEach((other, others) -> {
            if (!ground.equals(other) && bedOf(some).equals(bedOf(others))) {
                company(some, others).forEach(this::add);
            }
        }));
        return rivals;
    }

    private void add(List<Integer> some) {
        if (some.size() > 1) {
            rivals.add(some.stream().mapToInt(Integer::intValue).toArray());
        }
    }

    /** Those that grow on a day, once for each day on which they are most. */
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
        return offers.get(number).planting().grows(day);
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

    /**
     * Of two parts of a bed: crops in one, and all those in the other that don't go with them. Crops with which the
     * same others don't go are told together.
     */
    private Set<List<Integer>> company(List<Integer> some, List<Integer> others) {
        Map<String, Crop> known = crops(others);
        Map<Set<String>, Set<String>> byBad = new LinkedHashMap<>();
        crops(some)
                .forEach((kind, crop) -> byBad.computeIfAbsent(bad(crop, known), unknown -> new TreeSet<>())
                        .add(kind));
        Set<List<Integer>> found = new LinkedHashSet<>();
        byBad.forEach((bad, kin) -> {
            List<Integer> all = Stream.concat(of(kin, some), of(bad, others)).toList();
            crowds(all).stream()
                    .filter(crowd -> crowd.stream().anyMatch(some::contains)
                            && crowd.stream().anyMatch(others::contains))
                    .forEach(found::add);
        });
        return found;
    }

    private Map<String, Crop> crops(List<Integer> some) {
        return some.stream()
                .map(i -> offers.get(i).crop())
                .collect(Collectors.toMap(Crop::kind, crop -> crop, (one, again) -> one, LinkedHashMap::new));
    }

    private Set<String> bad(Crop crop, Map<String, Crop> others) {
        return others.values().stream()
                .filter(other -> Company.isBad(plan, crop, other))
                .map(Crop::kind)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private Stream<Integer> of(Set<String> kinds, List<Integer> some) {
        return some.stream().filter(i -> kinds.contains(offers.get(i).crop().kind()));
    }

    private UUID bedOf(List<Integer> some) {
        return offers.get(some.get(0)).planting().bed();
    }
}
