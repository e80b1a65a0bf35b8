package fairacre.feeding;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * What is given to a soil by its test. What they hold is usual on their bags (common practice); prices are invented.
 */
public enum Amendment {
    LIME("Garden lime", 5, 1, 7),
    SULPHUR("Sulphur, powdered", 1, 1, 9),
    BONE_MEAL("Bone meal", 2.5, 0.2, 8),
    SUPERPHOSPHATE("Superphosphate", 2.5, 0.18, 6),
    POTASH_MAGNESIA("Potash magnesia", 5, 0.3, 14),
    SULPHATE_OF_POTASH("Sulphate of potash", 2.5, 0.5, 9);

    private final String label;
    private final double bag;
    private final double holds;
    private final double price;
    private final PriceItem item;

    Amendment(String label, double bag, double holds, double price) {
        this.label = label;
        this.bag = bag;
        this.holds = holds;
        this.price = price;
        this.item = new PriceItem(
                "soil/" + name().toLowerCase(Locale.ROOT).replace('_', '-'), label + ", a bag of " + kilograms(bag));
    }

    private static String kilograms(double bag) {
        return (bag == Math.rint(bag) ? String.valueOf((int) bag) : String.valueOf(bag)) + " kg";
    }

    public String label() {
        return label;
    }

    /** Kilograms in a bag. */
    double bag() {
        return bag;
    }

    PriceItem item() {
        return item;
    }

    /** Kilograms of it that hold so much P2O5 or K2O. */
    double holding(double kilograms) {
        return kilograms / holds;
    }

    static Stream<Offer> offers() {
        return Arrays.stream(values()).map(amendment -> new Offer(amendment.item, amendment.price));
    }
}
