package fairacre.crop;

import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.joda.money.Money;

/**
 * Seed and plants that are bought: a packet of seed serves all plantings of its variety in a season, and so does a net
 * of sets or tubers.
 */
public final class SeedOrder {

    /** What is bought together: one kind of thing for a season. */
    private record Bought(int season, String crop, String name, boolean asSeed) {

        private static final Comparator<Bought> IN_ORDER = Comparator.comparingInt(Bought::season)
                .thenComparing(Bought::crop)
                .thenComparing(Bought::name)
                .thenComparing(Bought::asSeed);
    }

    /**
     * What one planting wants of it.
     *
     * @param count plants
     * @param pieces seeds, or what is bought to plant
     */
    record Want(Planting planting, int count, int pieces) {}

    /**
     * A line of the order.
     *
     * @param season for which it is bought: what is raised indoors may be sown the season before
     * @param name of the crop or its variety
     * @param item as the price book has it
     * @param pieces seeds, or young plants, sets, tubers, crowns or bushes
     * @param packs packets or nets that hold them
     * @param price of one; empty where the price book has none
     * @param cost of all
     * @param plantings for which it is
     */
    public record SeedLine(
            int season,
            String crop,
            String name,
            String item,
            int pieces,
            int packs,
            Optional<Money> price,
            Optional<Money> cost,
            List<UUID> plantings) {
        public SeedLine {
            plantings = List.copyOf(plantings);
        }
    }

    /** What is bought, and who wants it. */
    record Line(int season, Crop crop, String name, PriceItem item, int packs, List<Want> wants) {

        int pieces() {
            return wants.stream().mapToInt(Want::pieces).sum();
        }
    }

    private final Plan plan;

    private SeedOrder(Plan plan) {
        this.plan = plan;
    }

    /** Of a season, in order of the crops. */
    public static List<SeedLine> of(Plan plan, int season) {
        return lines(plan).stream()
                .filter(line -> line.season() == season)
                .map(line -> told(plan, line))
                .toList();
    }

    private static SeedLine told(Plan plan, Line line) {
        Optional<Money> price = plan.prices().stream()
                .filter(each -> each.item().key().equals(line.item().key()))
                .map(Price::amount)
                .findFirst();
        return new SeedLine(
                line.season(),
                line.crop().key(),
                line.name(),
                line.item().label(),
                line.pieces(),
                line.packs(),
                price,
                price.map(each -> each.multipliedBy(line.packs())),
                line.wants().stream().map(want -> want.planting().id()).toList());
    }

    /** Of all seasons, by season and crop; for what has no soil nothing is bought. */
    static List<Line> lines(Plan plan) {
        return new SeedOrder(plan).lines();
    }

    private List<Line> lines() {
        Map<Bought, List<Want>> wanted = new TreeMap<>(Bought.IN_ORDER);
        plan.list(PlantingKinds.PLANTINGS).forEach(planting -> {
            int season = Plan.season(planting.from(), plan.yearBegins());
            int count = count(planting, season);
            if (count > 0 && season >= plan.firstSeason()) {
                PlantingTold.PlantsWanted wants = PlantingTold.PlantsWanted.of(planting, count);
                wanted.computeIfAbsent(
                                new Bought(
                                        season(planting),
                                        planting.crop(),
                                        planting.name(),
                                        planting.raising() != Raising.BOUGHT),
                                unknown -> new ArrayList<>())
                        .add(new Want(planting, count, wants.seeds() + wants.plants()));
            }
        });
        return wanted.entrySet().stream()
                .map(each -> line(each.getKey(), each.getValue()))
                .toList();
    }

    private int season(Planting planting) {
        return Math.max(plan.firstSeason(), Plan.season(planting.indoors().orElse(planting.from()), plan.yearBegins()));
    }

    private int count(Planting planting, int season) {
        Optional<BedRevision> bed = PlantingStudy.bed(plan.standing(season), planting.bed());
        return bed.map(soil -> PlantPlaces.of(soil, planting).size()).orElse(0);
    }

    private static Line line(Bought bought, List<Want> wants) {
        Crop crop = Crops.of(bought.crop()).orElseThrow();
        int pack = bought.asSeed()
                ? crop.seed().orElseThrow().packet()
                : crop.stock().toTheNet();
        int pieces = wants.stream().mapToInt(Want::pieces).sum();
        return new Line(
                bought.season(),
                crop,
                bought.name(),
                bought.asSeed() ? CropPrices.PACKET : CropPrices.bought(crop.stock()),
                (pieces + pack - 1) / pack,
                wants);
    }
}
