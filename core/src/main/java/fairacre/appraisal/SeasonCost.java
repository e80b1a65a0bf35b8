package fairacre.appraisal;

import org.joda.money.Money;

/** What the bill comes to in one season. */
public record SeasonCost(int season, Money planned) {}
