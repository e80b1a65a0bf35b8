package fairacre.crew;

import fairacre.bill.Acquired;
import fairacre.bill.Amounts;
import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.bill.Sundry;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.joda.money.Money;

/**
 * A machine that is hired by the day for some of a season's work. Once days are booked, that work is done on these days
 * alone; as long as none is, on any, and the calendar says on which it would be needed.
 *
 * @param name what is hired
 * @param stages of the work that are done with it, each once, at least one
 * @param daily price of a day, in the garden's currency
 * @param weekend price of a Saturday and the Sunday after it together; empty where two days are paid
 * @param booked days, each once, in order
 */
public record Hire(
        UUID id,
        String name,
        int season,
        List<Stage> stages,
        Money daily,
        Optional<Money> weekend,
        List<LocalDate> booked) {

    private static final int MOST_DAYS = 100;

    public Hire {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.season(season, "season");
        stages =
                stages == null ? List.of() : stages.stream().distinct().sorted().toList();
        if (stages.isEmpty()) {
            throw new RefusedException("stages", "no work is done with it", "choose at least one kind of work");
        }
        Amounts.check(daily, "daily");
        weekend = weekend == null ? Optional.empty() : weekend;
        weekend.ifPresent(price -> Amounts.check(price, "weekend"));
        booked =
                booked == null ? List.of() : booked.stream().distinct().sorted().toList();
        Limits.atMost(MOST_DAYS, booked, "booked");
        for (LocalDate day : booked) {
            Limits.between(day.getYear(), season - 1, season + 2, "booked");
        }
    }

    /**
     * What some days cost: a Saturday with its Sunday no more than the price of a weekend, each other day its price. No
     * days cost nothing.
     */
    public Money cost(Collection<LocalDate> days) {
        Set<LocalDate> left = new TreeSet<>(days);
        Money sum = Money.zero(daily.getCurrencyUnit());
        for (LocalDate day : new TreeSet<>(days)) {
            boolean both = day.getDayOfWeek() == DayOfWeek.SATURDAY && left.contains(day.plusDays(1));
            if (both
                    && weekend.filter(price -> price.isLessThan(daily.multipliedBy(2)))
                            .isPresent()) {
                sum = sum.plus(weekend.get());
                left.remove(day);
                left.remove(day.plusDays(1));
            } else if (left.remove(day)) {
                sum = sum.plus(daily);
            }
        }
        return sum;
    }

    /** What is paid for the days that are booked. */
    Optional<Sundry> paid() {
        return booked.isEmpty()
                ? Optional.empty()
                : Optional.of(new Sundry(
                        id,
                        name + ", hired for " + booked.size() + (booked.size() == 1 ? " day" : " days"),
                        season,
                        BillPart.TOOLS,
                        BigDecimal.ONE,
                        Optional.of(cost(booked)),
                        Acquired.BOUGHT));
    }

    /** The same, booked for other days. */
    public Hire bookedFor(List<LocalDate> days) {
        return new Hire(id, name, season, stages, daily, weekend, days);
    }

    /** The same in another season, for which no day is booked. */
    Hire inSeason(int other) {
        return new Hire(id, name, other, stages, daily, weekend, List.of());
    }
}
