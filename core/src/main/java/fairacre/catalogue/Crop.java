package fairacre.catalogue;

import fairacre.measure.Length;
import java.util.Optional;
import java.util.UUID;

/**
 * A vegetable, herb, berry or companion flower. All figures are from memory, of the order that tables of extension
 * services have.
 *
 * @param key a stable code; of a variety, or a crop of one's own, that of the crop it is like
 * @param variety whose figures these are; empty for a crop of the catalogue
 * @param ownCrop whether it is another crop than the one it is like
 * @param spacing how far apart it stands
 * @param height when it is grown up, metres
 * @param spread when it is grown up, metres
 * @param stock what it is grown from
 * @param indoors weeks before the last frost, or before it is planted out, at which it is sown indoors; empty for what
 *     is not raised there
 * @param from weeks from the mean last frost at which it is sown or planted out at the earliest; before it if negative
 * @param depth of the seed or the set
 * @param germination days until it comes up in soil ten degrees warmer than {@code soilFrom}
 * @param soilFrom temperature of the soil at which it comes up, degrees Celsius
 * @param fromSowing days from sowing in the bed to the first harvest; empty for what is not sown there
 * @param fromPlanting days from planting out; empty for what is not planted out
 * @param sun hours of direct sun a day that it wants in the growing months
 * @param water what it uses of the reference evapotranspiration
 * @param roots how deep it takes water from, metres
 * @param yield kilograms from a square metre in a year; 0 of what is not eaten
 * @param keeps weeks after harvest, in a cellar or a fridge
 * @param hilled whether soil is drawn up round it
 * @param net whether it is usually kept under a net
 * @param overhead whether its leaves may be watered
 * @param perennial empty for what lasts a year
 * @param seed empty for what is not grown from seed
 * @param eaten kilograms that somebody who likes it eats in a year (a rough guess); 0 of what is not eaten
 */
public record Crop(
        String key,
        Optional<UUID> variety,
        boolean ownCrop,
        String name,
        Family family,
        Habit habit,
        Spacing spacing,
        Length height,
        Length spread,
        PlantStock stock,
        Optional<Integer> indoors,
        int from,
        Length depth,
        int germination,
        int soilFrom,
        Optional<Figure> fromSowing,
        Optional<Figure> fromPlanting,
        Hardiness hardiness,
        int sun,
        WaterUse water,
        Length roots,
        Feeding feeding,
        Figure yield,
        int keeps,
        boolean hilled,
        boolean net,
        boolean overhead,
        Optional<Perennial> perennial,
        Optional<Seed> seed,
        double eaten) {

    /** The days that tables tell are for soil so much warmer than the coldest, degrees (a rough guess). */
    private static final double USUALLY_WARMER = 10;
    /** In warmer soil nothing comes up sooner, degrees Celsius (a rough guess). */
    private static final double WARMEST = 25;
    /** At this share of the lowest temperature nothing stirs (fitted as {@link #comesUpAfter} tells). */
    private static final double STIRS = 0.6;

    /**
     * How far apart plants stand.
     *
     * @param inRow metres
     * @param between from row to row, metres
     * @param toTheSquareFoot plants on a square foot, where it is grown so
     */
    public record Spacing(Figure inRow, Figure between, Optional<Integer> toTheSquareFoot) {}

    /**
     * What it uses of the reference evapotranspiration: Kc of FAO-56, table 12 (from memory).
     *
     * @param first until it covers a tenth of the ground
     * @param last when it ripens
     */
    public record WaterUse(double first, double middle, double last) {}

    /**
     * @param firstCrop years until it bears
     * @param life years that it is kept
     */
    public record Perennial(int firstCrop, int life) {}

    /**
     * @param germination share of fresh seed that comes up, 0 to 1
     * @param packet seeds in a packet
     * @param keeps years that most of it comes up, stored cool and dry (Maynard and Hochmuth, Knott's Handbook for
     *     Vegetable Growers, from memory; of herbs and flowers a rough guess)
     */
    public record Seed(double germination, int packet, int keeps) {}

    /** What it is eaten and counted as: varieties of a crop are one kind, a crop of one's own is another. */
    public String kind() {
        return variety.filter(own -> ownCrop).map(UUID::toString).orElse(key);
    }

    /** Whether it is sown or planted in some way. */
    public boolean grows(Raising raising) {
        return switch (raising) {
            case SOWN -> stock == PlantStock.SEED && fromSowing.isPresent();
            case RAISED -> stock == PlantStock.SEED && indoors.isPresent();
            case BOUGHT -> stock != PlantStock.SEED || indoors.isPresent();
        };
    }

    /**
     * Days until it comes up in soil of a temperature, degrees Celsius: by the sum of what is above the temperature at
     * which nothing stirs. Fitted to the days that Harrington and Minges counted (Vegetable Seed Germination,
     * University of California, 1954; from memory). Empty if the soil is too cold.
     */
    public Optional<Long> comesUpAfter(double soil) {
        double stirs = STIRS * soilFrom;
        return soil < soilFrom
                ? Optional.empty()
                : Optional.of(Math.round(
                        germination * (soilFrom + USUALLY_WARMER - stirs) / (Math.min(soil, WARMEST) - stirs)));
    }

    /** Days from when it comes into the bed to the first harvest. */
    public Figure ripens(Raising raising) {
        Optional<Figure> first = raising == Raising.SOWN ? fromSowing : fromPlanting;
        return first.or(() -> fromPlanting).or(() -> fromSowing).orElseThrow();
    }
}
