package fairacre.wear;

import fairacre.bill.Bill;
import fairacre.cost.CostStudy;
import fairacre.cost.SeasonWork;
import fairacre.plan.Plan;
import fairacre.takeoff.Ahead;
import fairacre.takeoff.Wear;
import fairacre.wear.Worn.State;
import fairacre.work.Pace;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.joda.money.Money;

/**
 * Looks at what wears out in a season and the four after it. What is wanted for good is reckoned to be renewed whenever
 * it is as old as it lasts in the middle; what should have been renewed before is due in the season that is looked at.
 * What was there before the garden began is of unknown age and left out.
 */
public final class WearStudy {

    /** So many seasons are looked at. */
    public static final int YEARS = 5;

    private final CostStudy costs;
    private final CostStudy renewing;
    private final Plan plan;
    private final Ahead ahead;
    private final Pace pace;

    private WearStudy(CostStudy costs, int season, Pace pace) {
        this.costs = costs;
        this.ahead = new Ahead(season, season + YEARS);
        this.renewing = costs.renewing(ahead);
        this.plan = costs.takeoff().plan();
        this.pace = pace;
    }

    /**
     * @param costs of the plan
     * @param pace at which the household works
     */
    public static WearStudy of(CostStudy costs, int season, Pace pace) {
        return new WearStudy(costs, season, pace);
    }

    /** What there is in the season and wears out, each once: what is due first comes first. */
    public List<Worn> parts() {
        return renewing.takeoff().wears().stream()
                .filter(wear -> wear.wanted().includes(ahead.from()))
                .map(this::worn)
                .distinct()
                .sorted(Comparator.comparing((Worn worn) -> worn.due().orElse(Integer.MAX_VALUE))
                        .thenComparing(Worn::name)
                        .thenComparing(Worn::part)
                        .thenComparing(Worn::made))
                .toList();
    }

    private Worn worn(Wear wear) {
        int season = ahead.from();
        int made = wear.made().stream()
                .filter(each -> each < season)
                .reduce((earlier, later) -> later)
                .orElse(wear.made().get(0));
        Optional<Integer> due = wear.made().stream()
                .filter(each -> each >= season && each > made)
                .findFirst()
                .or(() -> Optional.of(made + wear.lasts().renewed())
                        .filter(each -> each >= ahead.until() && !wear.wanted().isOver(each)));
        int age = season - made;
        return new Worn(
                wear.served().id(),
                plan.nameOf(wear.served().id()).orElse(""),
                wear.part(),
                made,
                age,
                wear.lasts().least(),
                wear.lasts().most(),
                due,
                due.filter(each -> each < ahead.until()).flatMap(each -> cost(wear, each)),
                state(due, age, wear));
    }

    private State state(Optional<Integer> due, int age, Wear wear) {
        if (due.filter(each -> each == ahead.from()).isPresent()
                || age >= wear.lasts().most()) {
            return State.DUE;
        }
        return age >= wear.lasts().least() ? State.LOOK : State.GOOD;
    }

    private Optional<Money> cost(Wear wear, int season) {
        Optional<Money> with = renewing.boughtFor(wear.served().id(), season);
        Optional<Money> without = costs.boughtFor(wear.served().id(), season);
        return wear.wanted().until().isPresent() ? with : with.flatMap(all -> without.map(all::minus));
    }

    /** The season and those after it. */
    public List<YearAhead> years() {
        Bill planned = costs.bill();
        Bill all = renewing.bill();
        List<SeasonWork> plannedWork = costs.work(pace);
        List<SeasonWork> allWork = renewing.work(pace);
        return IntStream.range(ahead.from(), ahead.until())
                .mapToObj(season -> new YearAhead(
                        season,
                        planned.total(season),
                        all.total(season).minus(planned.total(season)),
                        hours(plannedWork, season),
                        hours(allWork, season) - hours(plannedWork, season)))
                .toList();
    }

    private static double hours(List<SeasonWork> work, int season) {
        return work.stream()
                .filter(each -> each.season() == season)
                .mapToDouble(SeasonWork::hours)
                .sum();
    }
}
