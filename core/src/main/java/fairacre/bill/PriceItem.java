package fairacre.bill;

import fairacre.limits.RefusedException;
import fairacre.parts.Parts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something that a shop sells by the piece: a board of one length, a bag, a measure of loose soil, a delivery. Each
 * part of the trade says what it buys ({@link PriceList}).
 *
 * @param key stable name in files: {@code cedar/2x10/8ft}, {@code soil/bag/50l}
 * @param label what the gardener reads
 */
public record PriceItem(String key, String label) {

    /** Made when it is first asked for, since price lists are made of this class. */
    private static final class Registry {
        private static final List<PriceList> LISTS = Parts.bringing(PriceList.class);
        private static final List<PriceList.Offer> OFFERS =
                LISTS.stream().flatMap(PriceList::offers).toList();
        private static final Map<String, PriceItem> ITEMS = OFFERS.stream()
                .map(PriceList.Offer::item)
                .collect(Collectors.toMap(PriceItem::key, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    /** What is not in the price book: its price stands with it. */
    public static PriceItem sundry(Sundry sundry) {
        return new PriceItem("sundry/" + sundry.id(), sundry.name());
    }

    /** Every item a plan can call for, in a fixed order. */
    public static Stream<PriceItem> all() {
        return Registry.ITEMS.values().stream();
    }

    /** Every item with what it may cost. */
    static Stream<PriceList.Offer> offers() {
        return Registry.OFFERS.stream();
    }

    /** As {@link PriceList#kilograms}, of whichever list knows it. */
    public Optional<Double> kilograms() {
        return Registry.LISTS.stream()
                .flatMap(list -> list.kilograms(this).stream())
                .findFirst();
    }

    /** @throws RefusedException if no plan can call for such an item */
    public static PriceItem of(String key) {
        PriceItem item = Registry.ITEMS.get(key);
        if (item != null) {
            return item;
        }
        String wanted = key == null ? "" : key;
        return Registry.LISTS.stream()
                .flatMap(list -> list.own(wanted).stream())
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "",
                        "there is nothing sold as \"" + wanted + "\"",
                        "give an item of the price book, for example "
                                + all().findFirst().orElseThrow().key()));
    }
}
