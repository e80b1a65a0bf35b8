package fairacre.cost;

import fairacre.plan.Change;
import fairacre.water.NewWater;
import fairacre.water.WateringFigures;
import java.util.Optional;
import org.joda.money.Money;

/**
 * One way of watering some beds.
 *
 * @param change that would lay it; it is not made yet
 * @param cost of the parts that it takes, over all seasons; empty if a price is missing
 * @param perYear that cost by the years it lasts
 * @param years it lasts, in the middle of what is usual: a rough guess, from memory
 * @param hours to lay it
 * @param figures how it waters; empty where no bed has room for it
 */
public record WateringChoice(
        NewWater.Way way,
        Change change,
        Optional<Money> cost,
        Optional<Money> perYear,
        int years,
        double hours,
        Optional<WateringFigures> figures) {}
