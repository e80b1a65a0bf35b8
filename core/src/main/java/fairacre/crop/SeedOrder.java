package fairacre.crop;

import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Raising;
import fairacre.catalogue.SeedOnHand;
import fairacre.catalogue.Varieties;
import fairacre.catalogue.Variety;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.joda.money.Money;

/**
 * Seed and plants that are bought: a packet of seed serves all plantings of its variety in a season, and so does a net
 * of sets or tubers. Seed that the gardener has is sown first, in the earliest season first.
 */
public final class SeedOrder {

    /** What is bought together: one kind of thing for a season. */
    private record Bought(int season, String crop, Optional<UUID> variety, String name, boolean asSeed) {

        private static final Comparator<Bought> IN_ORDER = Comparator.comparingInt(Bought::season)
                .thenComparing(Bought::crop)
                .thenComparing(Bought::name)
                .thenComparing(bought -> bought.variety().map(UUID::toString).orElse(""))
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
     * @param pieces seeds, or young plants, sets, tubers, crowns or bushes that are wanted
     * @param own seeds that the gardener has and sows
     * @param packs packets or nets that hold what is bought
     * @param missing plants for which there is no seed, since no more can be bought
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
            int own,
            int packs,
            int missing,
            Optional<Money> price,
            Optional<Money> cost,
            List<UUID> plantings) {
        public SeedLine {
            plantings = List.copyOf(plantings);
        }
    }

    /** What is bought, and who wants it. */
    record Line(int season, Crop crop, String name, PriceItem item, int own, int packs, int missing, List<Want> wants) {

        int pieces() {
            return wants.stream().mapToInt(Want::pieces).sum();
        }
    }

    private final Plan plan;
    private final Memo memo;
    private final Map<Optional<UUID>, Integer> sown = new HashMap<>();

    private SeedOrder(Plan plan, Memo memo) {
        this.plan = plan;
        this.memo = memo;
    }

    /** Of a season, in order of the crops. */
    public static List<SeedLine> of(Plan plan, int season) {
        return lines(plan, Memo.none()).stream()
                .filter(line -> line.season() == season)
                .map(line -> told(plan, line))
                .toList();
    }

    /** Seed that the gardener has of varieties, in a season. */
    public static List<SeedLeft> left(Plan plan, int season) {
        List<Line> lines = lines(plan, Memo.none());
        return plan.list(Varieties.VARIETIES).stream()
                .flatMap(variety -> variety.seed().stream()
                        .map(seed -> left(
                                Varieties.grown(plan, variety.crop(), Optional.of(variety.id())), seed, lines, season)))
                .toList();
    }

    private static SeedLeft left(Crop variety, SeedOnHand seed, List<Line> lines, int season) {
        List<Line> sown = lines.stream()
                .filter(line -> line.crop().variety().equals(variety.variety()) && line.season() <= season)
                .toList();
        int now = sown.stream()
                .filter(line -> line.season() == season)
                .mapToInt(Line::own)
                .sum();
        return new SeedLeft(
                variety.variety().orElseThrow(),
                seed.comesUp(variety.seed().orElseThrow(), season),
                now,
                seed.seeds() - sown.stream().mapToInt(Line::own).sum());
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
                line.own(),
                line.packs(),
                line.missing(),
                price,
                price.map(each -> each.multipliedBy(line.packs())),
                line.wants().stream().map(want -> want.planting().id()).toList());
    }

    /**
     * Of all seasons, by season and crop; for what has no soil nothing is bought.
     *
     * @param memo of how many plants have room
     */
    static List<Line> lines(Plan plan, Memo memo) {
        return new SeedOrder(plan, memo).lines();
    }

    private List<Line> lines() {
        Map<Bought, List<Want>> wanted = new TreeMap<>(Bought.IN_ORDER);
        plan.list(PlantingKinds.PLANTINGS).forEach(planting -> {
            int season = Plan.season(planting.from(), plan.yearBegins());
            int count = count(planting, season);
            if (count > 0 && season >= plan.firstSeason()) {
                PlantingTold.PlantsWanted wants = PlantingTold.PlantsWanted.of(plan, planting, count);
                wanted.computeIfAbsent(
                                new Bought(
                                        season(planting),
                                        planting.crop(),
                                        planting.variety(),
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
        return Math.max(
                plan.firstSeason(), Plan.season(planting.indoors(plan).orElse(planting.from()), plan.yearBegins()));
    }

    private int count(Planting planting, int season) {
        Optional<BedRevision> bed = PlantingStudy.bed(plan.standing(season), planting.bed());
        return bed.map(soil -> PlantPlaces.count(plan, soil, planting, memo)).orElse(0);
    }

    private Line line(Bought bought, List<Want> wants) {
        Crop crop = Varieties.grown(plan, bought.crop(), bought.variety());
        int plants = wants.stream().mapToInt(Want::count).sum();
        if (!bought.asSeed()) {
            return line(bought, crop, wants, 0, packs(plants, crop.stock().toTheNet()), 0);
        }
        Crop.Seed seed = crop.seed().orElseThrow();
        Optional<SeedOnHand> hand = Varieties.of(plan, bought.variety())
                .flatMap(Variety::seed)
                .filter(known -> known.year() <= bought.season());
        int left =
                hand.map(known -> left(bought.variety().orElseThrow(), known)).orElse(0);
        double comesUp = hand.map(known -> known.comesUp(seed, bought.season())).orElse(seed.germination());
        int own = Math.min(left, PlantingTold.PlantsWanted.seeds(plants, comesUp));
        sown.merge(bought.variety(), own, Integer::sum);
        int rest = plants - Math.min(plants, PlantingTold.PlantsWanted.plants(own, comesUp));
        boolean noMore = hand.filter(SeedOnHand::noMore).isPresent();
        int more = noMore ? 0 : PlantingTold.PlantsWanted.seeds(rest, seed.germination());
        return line(bought, crop, wants, own, packs(more, seed.packet()), noMore ? rest : 0);
    }

    private static Line line(Bought bought, Crop crop, List<Want> wants, int own, int packs, int missing) {
        PriceItem item = bought.asSeed() ? CropPrices.PACKET : CropPrices.bought(crop.stock());
        return new Line(bought.season(), crop, bought.name(), item, own, packs, missing, wants);
    }

    private int left(UUID variety, SeedOnHand seed) {
        return seed.seeds() - sown.getOrDefault(Optional.of(variety), 0);
    }

    private static int packs(int pieces, int pack) {
        return (pieces + pack - 1) / pack;
    }
}
