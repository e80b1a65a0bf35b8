package fairacre.bill;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.parts.Part;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** A part of the trade that has items in the price book. */
public interface PriceList extends Part {

    /** Everything that it buys, in a fixed order. */
    Stream<Offer> offers();

    /** An item that only the gardener's own kinds make; empty if the key is none of this list's. */
    default Optional<PriceItem> own(String key) {
        return Optional.empty();
    }

    /**
     * What one of it weighs that is lifted as a whole, kilograms, when it is heaviest: a wet bag, a block. Empty for
     * what is none of this list's, and for what is light or of many weights.
     */
    default Optional<Double> kilograms(PriceItem item) {
        return Optional.empty();
    }

    /**
     * Something that is sold, with what it may cost until a shop was asked.
     *
     * @param dollars an invented figure of the right order of magnitude, in US dollars
     */
    record Offer(PriceItem item, double dollars) {

        private static final double METRES_PER_FOOT = Length.feet(1).metres();

        /** Sold by the metre, and by the foot where one measures in feet. */
        public static Stream<Offer> byLength(Function<Units, PriceItem> item, double dollarsPerMetre) {
            return Stream.of(
                    new Offer(item.apply(Units.FEET_AND_INCHES), dollarsPerMetre * METRES_PER_FOOT),
                    new Offer(item.apply(Units.METRIC), dollarsPerMetre));
        }

        /** Sold by the square metre, and by the square foot where one measures in feet. */
        public static Stream<Offer> byArea(Function<Units, PriceItem> item, double dollarsPerSquareMetre) {
            return Stream.of(
                    new Offer(
                            item.apply(Units.FEET_AND_INCHES),
                            dollarsPerSquareMetre * METRES_PER_FOOT * METRES_PER_FOOT),
                    new Offer(item.apply(Units.METRIC), dollarsPerSquareMetre));
        }
    }
}
