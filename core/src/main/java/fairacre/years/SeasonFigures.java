package fairacre.years;

import fairacre.journal.Picked;
import fairacre.measure.Area;
import fairacre.measure.Volume;
import java.util.List;
import java.util.Optional;
import org.joda.money.Money;

/**
 * A season as it was planned and as it went.
 *
 * @param soil area of all beds inside their boards
 * @param planned kilograms that the plantings give, as is usual
 * @param value of what was weighed and has a price
 * @param unvalued crops that were picked and of which the value is not known
 * @param plannedHours of work that the plan makes, at the household's pace
 * @param hours of work that were written down
 * @param bill what the plan buys in the season
 * @param paid in the season
 * @param water that lines and sprinklers take in the growing months of a usual year
 * @param losses how often something was lost
 * @param weeks kilograms that were weighed up to the end of each week of the season, the first one first
 * @param weightPer kilograms that were weighed, for what they took
 * @param valuePer what they are worth in units of money, for what they took
 * @param paidForOne what was paid in the season for each kilogram that was weighed, or each pound in a garden in feet,
 *     rounded half up; empty where nothing was weighed
 * @param valueOfPaid what was picked is worth so much for each unit of money that was paid; empty where nothing was
 */
public record SeasonFigures(
        int season,
        Area soil,
        double planned,
        Picked picked,
        Money value,
        int unvalued,
        double plannedHours,
        double hours,
        Money bill,
        Money paid,
        Volume water,
        int losses,
        List<Double> weeks,
        Ratios weightPer,
        Ratios valuePer,
        Optional<Money> paidForOne,
        Optional<Double> valueOfPaid,
        List<CropFigures> crops,
        List<BedFigures> beds) {

    public SeasonFigures {
        weeks = List.copyOf(weeks);
        crops = List.copyOf(crops);
        beds = List.copyOf(beds);
    }
}
