package fairacre.hoop;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What is sold for hoops. All prices are invented. */
public final class HoopPrices {

    /** US dollars a metre. */
    private static final Map<HoopPipe, Double> PIPES = Map.of(
            HoopPipe.PE_20, 1.0,
            HoopPipe.PE_25, 1.4,
            HoopPipe.PVC_21, 1.8,
            HoopPipe.WIRE_4, 0.8,
            HoopPipe.CONDUIT_18, 3.2,
            HoopPipe.PVC_33, 3.0,
            HoopPipe.CONDUIT_23, 4.6,
            HoopPipe.TUBE_35, 5.5);

    private static final double SLEEVE_PER_METRE = 2.5;
    private static final double CORD_PER_METRE = 0.15;

    public static final PriceItem COUPLING = new PriceItem("hoop/coupling", "Pipe coupling for bows");
    public static final PriceItem STRAP = new PriceItem("hoop/strap", "Pipe strap with screws");
    static final PriceItem GLUE = new PriceItem("hoop/glue", "Waterproof wood glue, 500 g");
    static final PriceItem CLAMP = new PriceItem("hoop/clamp", "Clamp for gluing bows");
    static final PriceItem BAG = new PriceItem("hoop/bag", "Woven bag, to fill with 15 kg (33 lb) of soil");
    static final PriceItem CLIP = new PriceItem("hoop/clip", "Clip for a sheet on a hoop");

    private HoopPrices() {}

    static Stream<Offer> offers() {
        Stream<Offer> pipes = Arrays.stream(HoopPipe.values())
                .filter(pipe -> !pipe.glued())
                .flatMap(pipe -> Arrays.stream(Units.values())
                        .map(units -> new Offer(
                                pipe(pipe, units),
                                PIPES.get(pipe)
                                        * pipe.stick(units).orElse(one(units)).metres())));
        Stream<Offer> pieces = Stream.of(
                new Offer(COUPLING, 1.2),
                new Offer(STRAP, 0.5),
                new Offer(CLIP, 0.6),
                new Offer(BAG, 0.8),
                new Offer(GLUE, 12),
                new Offer(CLAMP, 6));
        Stream<Offer> lengths = Stream.of(
                        Offer.byLength(HoopPrices::sleeve, SLEEVE_PER_METRE),
                        Offer.byLength(HoopPrices::cord, CORD_PER_METRE))
                .flatMap(part -> part);
        return Stream.of(pipes, pieces, lengths).flatMap(part -> part);
    }

    /** By the stick, or by the metre or foot; of what is not glued. */
    public static PriceItem pipe(HoopPipe pipe, Units units) {
        Optional<Length> stick = pipe.stick(units);
        return new PriceItem(
                "hoop/" + key(pipe) + "/"
                        + stick.map(length -> size(length, units)).orElse(unit(units)),
                "For bows: " + pipe.label() + ", "
                        + stick.map(length -> LengthText.format(length, units) + " long")
                                .orElse("a " + unit(units)));
    }

    static PriceItem sleeve(Units units) {
        return byLength("hoop/sleeve", "Sleeve pipe for hoops", units);
    }

    static PriceItem cord(Units units) {
        return byLength("hoop/cord", "Cord to tie hoops", units);
    }

    private static PriceItem byLength(String key, String label, Units units) {
        return new PriceItem(key + "/" + unit(units), label + ", a " + unit(units));
    }

    private static String unit(Units units) {
        return units == Units.METRIC ? "metre" : "foot";
    }

    private static Length one(Units units) {
        return units == Units.METRIC ? Length.metres(1) : Length.feet(1);
    }

    private static String size(Length length, Units units) {
        return units == Units.METRIC ? Math.round(length.metres()) + "m" : Math.round(length.inches() / 12) + "ft";
    }

    private static String key(Enum<?> kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
