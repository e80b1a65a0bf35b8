package fairacre.sheet;

import fairacre.bill.PriceList;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.stream.Stream;

/** Every size in which sheets are sold. */
public final class SheetPrices implements PriceList {

    @Override
    public Stream<Offer> offers() {
        return Arrays.stream(SheetGood.values())
                .flatMap(good -> Arrays.stream(Units.values())
                        .flatMap(units -> good.sizes(units).stream()
                                .map(size -> new Offer(good.item(size, units), good.dollars(size, units)))));
    }
}
