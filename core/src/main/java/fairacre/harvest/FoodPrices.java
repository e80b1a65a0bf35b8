package fairacre.harvest;

import fairacre.bill.PriceItem;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.judging.Wording;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;

/**
 * What the harvest would have cost in a shop: a kilogram of a crop, or a pound where one measures in feet. The gardener
 * says what; nothing is known beforehand.
 */
public final class FoodPrices {

    private static final String FOOD = "food/";

    private FoodPrices() {}

    /** @param crop its key in the catalogue; of a crop of one's own its id */
    public static PriceItem item(String crop, Units units) {
        return PriceItem.of(FOOD + crop + "/" + unit(units));
    }

    /** So many of what is priced are in some kilograms. */
    public static double quantity(double kilograms, Units units) {
        return units == Units.METRIC ? kilograms : kilograms / Wording.KILOGRAMS_PER_POUND;
    }

    private static String unit(Units units) {
        return units == Units.METRIC ? "kg" : "lb";
    }

    /** Empty if the key is not that of food. */
    static Optional<PriceItem> own(String key) {
        int last = key.lastIndexOf('/');
        if (!key.startsWith(FOOD) || last < FOOD.length()) {
            return Optional.empty();
        }
        String unit = key.substring(last + 1);
        return Arrays.stream(Units.values())
                .filter(units -> unit(units).equals(unit))
                .findFirst()
                .flatMap(units -> name(key.substring(FOOD.length(), last)))
                .map(name -> new PriceItem(key, name + ", a " + (unit.equals("kg") ? "kilogram" : "pound")));
    }

    private static Optional<String> name(String crop) {
        return Crops.of(crop)
                .map(Crop::name)
                .or(() -> isId(crop) ? Optional.of("A crop of your own") : Optional.empty());
    }

    private static boolean isId(String text) {
        try {
            return UUID.fromString(text).toString().equals(text);
        } catch (IllegalArgumentException noId) {
            return false;
        }
    }
}
