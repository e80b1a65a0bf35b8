package fairacre.rotation;

import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.husbandry.CropSun;
import fairacre.plan.Plan;
import fairacre.rotation.Offers.Offer;
import fairacre.shape.Memo;
import fairacre.sun.StandStudy.StandSun;
import fairacre.sun.SunHours;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The sun of a choice. How plants shade each other is known only once all of them stand: what a choice teaches is kept
 * for the choices after it.
 */
final class Shade {

    /**
     * What is not to be chosen again.
     *
     * @param rivals of which one may be chosen at most
     * @param barred that may not be chosen
     * @param lacking numbers of what was chosen and has too little sun, or takes it from what stays
     */
    record Lesson(List<int[]> rivals, BitSet barred, BitSet lacking) {
        boolean isEmpty() {
            return lacking.isEmpty();
        }
    }

    private final List<Offer> offers;
    private final Memo memo;
    private final YearsAsked asked;
    private final Map<UUID, Integer> numbers;
    private final Map<Integer, Set<UUID>> dark = new HashMap<>();

    /** @param cleared the plan with what stays alone */
    Shade(Plan cleared, YearsAsked asked, List<Offer> offers, Memo memo) {
        this.offers = offers;
        this.memo = memo;
        this.asked = asked;
        this.numbers = IntStream.range(0, offers.size())
                .boxed()
                .collect(Collectors.toMap(i -> offers.get(i).planting().id(), i -> i));
        for (int season = asked.first(); season <= asked.last(); season++) {
            dark.put(season, lacking(cleared, season).keySet());
        }
    }

    private Map<UUID, StandSun> lacking(Plan plan, int season) {
        Map<UUID, Planting> plantings =
                plan.list(PlantingKinds.PLANTINGS).stream().collect(Collectors.toMap(Planting::id, each -> each));
        return CropSun.of(plan, season, memo).values().stream()
                .filter(sun -> Plan.season(plantings.get(sun.thing()).from(), plan.yearBegins()) == season)
                .filter(sun ->
                        CropSun.lacking(plan, plantings.get(sun.thing()), sun).isPresent())
                .collect(Collectors.toMap(StandSun::thing, sun -> sun));
    }

    /** @param chosen the plan with what is chosen */
    Lesson learn(Plan chosen) {
        Lesson lesson = new Lesson(new ArrayList<>(), new BitSet(), new BitSet());
        for (int season = asked.first(); season <= asked.last(); season++) {
            Set<UUID> before = dark.get(season);
            lacking(chosen, season).forEach((planting, sun) -> {
                if (!before.contains(planting)) {
                    learn(lesson, Optional.ofNullable(numbers.get(planting)), taker(sun));
                }
            });
        }
        return lesson;
    }

    private Optional<Integer> taker(StandSun sun) {
        return CropSun.taker(sun).map(SunHours.Taker::thing).map(numbers::get);
    }

    private void learn(Lesson lesson, Optional<Integer> victim, Optional<Integer> taker) {
        if (victim.isEmpty()) {
            taker.ifPresent(tall -> {
                lesson.lacking().set(tall);
                like(tall).forEach(lesson.barred()::set);
            });
            return;
        }
        int low = victim.get();
        lesson.lacking().set(low);
        if (taker.isEmpty()) {
            Predicate<Integer> sameDay = i -> offers.get(i).planting().from().getDayOfYear()
                    == offers.get(low).planting().from().getDayOfYear();
            like(low).stream().filter(sameDay).forEach(lesson.barred()::set);
            lesson.barred().set(low);
        } else {
            like(taker.get())
                    .forEach(tall -> like(low).stream()
                            .filter(other -> other != tall.intValue()
                                    && offers.get(tall)
                                            .planting()
                                            .meets(offers.get(other).planting()))
                            .forEach(other -> lesson.rivals().add(new int[] {tall, other})));
            lesson.rivals().add(new int[] {taker.get(), low});
        }
    }

    /** The same crop in the same place, whenever it is planted: it shades and is shaded alike. */
    private Collection<Integer> like(int number) {
        Offer offer = offers.get(number);
        return IntStream.range(0, offers.size())
                .filter(i -> offers.get(i).ground() == offer.ground()
                        && offers.get(i).crop().key().equals(offer.crop().key()))
                .boxed()
                .toList();
    }
}
