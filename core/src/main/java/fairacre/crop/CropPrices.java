package fairacre.crop;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.catalogue.PlantStock;
import java.util.stream.Stream;

/** What is sold to plant. All prices are invented. */
final class CropPrices {

    static final PriceItem PACKET = new PriceItem("crop/packet", "A packet of seed");
    static final PriceItem YOUNG = new PriceItem("crop/young", "A young plant in a pot");
    static final PriceItem SETS = new PriceItem("crop/sets", "A net of 50 sets or cloves");
    static final PriceItem TUBERS = new PriceItem("crop/tubers", "A net of 40 tubers");
    static final PriceItem CROWN = new PriceItem("crop/crown", "A crown, runner or rooted cutting");
    static final PriceItem BUSH = new PriceItem("crop/bush", "A berry bush");

    private CropPrices() {}

    static Stream<Offer> offers() {
        return Stream.of(
                new Offer(PACKET, 3),
                new Offer(YOUNG, 1.8),
                new Offer(SETS, 4),
                new Offer(TUBERS, 7),
                new Offer(CROWN, 3.5),
                new Offer(BUSH, 12));
    }

    /** What is bought of a crop that isn't raised from seed by the gardener. */
    static PriceItem bought(PlantStock stock) {
        return switch (stock) {
            case SEED -> YOUNG;
            case SETS -> SETS;
            case TUBERS -> TUBERS;
            case CROWNS -> CROWN;
            case BUSHES -> BUSH;
        };
    }
}
