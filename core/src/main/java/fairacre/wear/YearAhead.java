package fairacre.wear;

import org.joda.money.Money;

/**
 * What a season costs and how much work it makes.
 *
 * @param planned what the plan buys in it
 * @param renewals what comes to it for what wears out, the yearly top-up of beds among it, at today's prices
 * @param plannedHours of work that the plan makes
 * @param renewalHours of work that comes to it
 */
public record YearAhead(int season, Money planned, Money renewals, double plannedHours, double renewalHours) {}
