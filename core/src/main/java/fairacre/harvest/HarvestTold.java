package fairacre.harvest;

import fairacre.catalogue.Figure;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What the beds give in a season, and what becomes of it.
 *
 * @param months the first days of its twelve months
 * @param eaters who eat it
 */
public record HarvestTold(List<LocalDate> months, double eaters, List<Food> foods) {

    public HarvestTold {
        months = List.copyOf(months);
        foods = List.copyOf(foods);
    }

    /**
     * A crop over the year. All quantities are kilograms.
     *
     * @param crop its key in the catalogue; of a crop of one's own its id
     * @param want empty for what grows without having been wished for
     * @param wanted what is eaten in a year; 0 if it was not wished for
     * @param harvest of all its plantings in the season, with its range
     * @param eaten of it, fresh and out of store
     * @param plants in its plantings
     * @param area of soil of its plantings, square metres
     * @param picked in each month, as is usual
     * @param eatenByMonth in each month
     * @param stored the most that is to be stored at a time: what is not eaten within a week
     * @param storedOn when that is; empty if nothing is to be stored
     */
    public record Food(
            String crop,
            String name,
            Optional<Want> want,
            double wanted,
            Figure harvest,
            Enough enough,
            double eaten,
            int plants,
            double area,
            List<Double> picked,
            List<Double> eatenByMonth,
            double stored,
            Optional<LocalDate> storedOn) {
        public Food {
            picked = List.copyOf(picked);
            eatenByMonth = List.copyOf(eatenByMonth);
        }
    }
}
