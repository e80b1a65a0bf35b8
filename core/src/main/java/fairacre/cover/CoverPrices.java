package fairacre.cover;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import java.util.stream.Stream;

/** What is sold for covers besides sheets, battens and nets. All prices are invented. */
public final class CoverPrices {

    public static final PriceItem HINGE = new PriceItem("cover/hinge", "Hinge for a lid or a light door");
    static final PriceItem HANDLE = new PriceItem("cover/handle", "Handle");
    public static final PriceItem HOOK = new PriceItem("cover/hook", "Hook and eye");
    static final PriceItem BUTTON = new PriceItem("cover/sheet-screw", "Screw with washer for a clear sheet");
    static final PriceItem STAPLES = new PriceItem("cover/staples", "Box of staples for nets");

    private CoverPrices() {}

    static Stream<Offer> offers() {
        return Stream.of(
                new Offer(HINGE, 2.5),
                new Offer(HANDLE, 3.5),
                new Offer(HOOK, 1.5),
                new Offer(BUTTON, 0.35),
                new Offer(STAPLES, 6));
    }
}
