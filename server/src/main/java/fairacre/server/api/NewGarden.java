package fairacre.server.api;

import fairacre.bill.Budget;
import fairacre.bill.StartingPrices;
import fairacre.example.Example;
import fairacre.example.OneBed;
import fairacre.example.WorkedExample;
import fairacre.format.GardenJson;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import java.math.BigDecimal;
import java.time.Month;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.CurrencyUnit;

/**
 * What is needed to begin a garden.
 *
 * @param currency ISO 4217 code
 * @param budget amount in that currency, as a decimal string
 * @param contingency per cent
 * @param start what stands there at first; left out, nothing. With one bed for a small sum the corners and the budget
 *     are those of the example; the others are made to fit the corners, and the budget becomes what they take if that
 *     is more
 */
record NewGarden(
        String name,
        Units units,
        String currency,
        int firstSeason,
        String budget,
        BigDecimal contingency,
        Site site,
        Optional<Start> start) {

    enum Start {
        EMPTY,
        ONE_BED,
        SMALL_YARD,
        FENCED_PLOT,
        SEATED
    }

    NewGarden {
        start = start == null ? Optional.empty() : start;
    }

    /** Where summer is at the turn of the calendar year, a season begins in winter too. */
    private static final MonthDay IN_THE_SOUTH = MonthDay.of(Month.JULY, 1);

    Plan plan(UUID id) {
        CurrencyUnit unit = GardenJson.currency(currency);
        Plan begun = switch (start.orElse(Start.EMPTY)) {
            case EMPTY -> empty(id, unit);
            case ONE_BED -> OneBed.plan(id, name, units, firstSeason, unit, site, UUID::randomUUID);
            case SMALL_YARD -> WorkedExample.on(empty(id, unit), Example.SMALL_YARD, UUID::randomUUID);
            case FENCED_PLOT -> WorkedExample.on(empty(id, unit), Example.FENCED_PLOT, UUID::randomUUID);
            case SEATED -> WorkedExample.on(empty(id, unit), Example.SEATED, UUID::randomUUID);
        };
        return begun.beginningItsYear(site.latitude() < 0 ? IN_THE_SOUTH : Plan.NEW_YEAR);
    }

    private Plan empty(UUID id, CurrencyUnit unit) {
        return new Plan(
                id, name, units, firstSeason, budget(unit), site, List.of(), List.of(), StartingPrices.in(unit));
    }

    private Budget budget(CurrencyUnit unit) {
        try {
            return new Budget(GardenJson.money(budget == null ? "" : budget, unit.getCode()), contingency);
        } catch (RefusedException refused) {
            boolean share = refused.refusal().field().equals("contingency");
            throw share
                    ? refused
                    : new RefusedException(
                            "budget",
                            refused.refusal().reason(),
                            refused.refusal().next());
        }
    }
}
