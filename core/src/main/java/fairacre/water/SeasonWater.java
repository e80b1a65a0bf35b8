package fairacre.water;

import fairacre.measure.Volume;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * What a source gives over the growing months of a usual year.
 *
 * @param trips that bring it; empty where nothing is brought
 * @param price of it, as far as prices are known: of a tap by the meter, what runs off too; of trips. Empty if no price
 *     is known, and of rain.
 */
public record SeasonWater(UUID source, Volume volume, Optional<Integer> trips, Optional<Money> price) {}
