package fairacre.years;

import fairacre.bill.PriceItem;
import fairacre.harvest.FoodPrices;
import fairacre.journal.YearStudy.CropYear;
import fairacre.plan.Plan;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.joda.money.Money;

/**
 * A crop in a season.
 *
 * @param priced key of what its price is for: a kilogram, or a pound in a garden in feet
 * @param price of one
 * @param value of what was weighed, at that price, rounded half up; empty without a price
 * @param losses how often some of it was lost
 */
public record CropFigures(CropYear year, String priced, Optional<Money> price, Optional<Money> value, int losses) {

    static CropFigures of(Plan plan, CropYear year, int losses) {
        PriceItem item = FoodPrices.item(year.crop(), plan.units());
        Optional<Money> price = plan.priceOf(item);
        BigDecimal quantity =
                BigDecimal.valueOf(FoodPrices.quantity(year.picked().kilograms(), plan.units()));
        return new CropFigures(
                year, item.key(), price, price.map(one -> one.multipliedBy(quantity, RoundingMode.HALF_UP)), losses);
    }

    /** Whether something was picked of which nobody knows what it is worth: no price, or not weighed. */
    boolean isOfUnknownValue() {
        return year.picked().kilograms() > 0 ? price.isEmpty() : year.picked().hasNoWeight();
    }
}
