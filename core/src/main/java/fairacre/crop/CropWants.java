package fairacre.crop;

import fairacre.bill.BillPart;
import fairacre.bill.WorkRate;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Takes off seed, young plants and planting. A packet of seed serves all plantings of its variety in a season. */
final class CropWants {

    private static final String GUESS = "a rough guess, from memory";
    private static final WorkRate SOW = new WorkRate("crop/sow", "Sowing in the bed", 0.1, "plant", GUESS);
    private static final WorkRate PLANT = new WorkRate("crop/plant", "Planting out", 1, "plant", GUESS);

    private final Takeoff takeoff;
    private final Plan plan;

    CropWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.plan = takeoff.plan();
    }

    static Stream<WorkRate> rates() {
        return Stream.of(SOW, PLANT);
    }

    /** What is bought together: one kind of thing for a season. */
    private record Bought(int season, String crop, String name, boolean asSeed) {

        private static final Comparator<Bought> IN_ORDER = Comparator.comparingInt(Bought::season)
                .thenComparing(Bought::crop)
                .thenComparing(Bought::name)
                .thenComparing(Bought::asSeed);
    }

    /** What one planting wants of it. */
    private record Want(Planting planting, int count) {

        int pieces() {
            PlantingTold.PlantsWanted wanted = PlantingTold.PlantsWanted.of(planting, count);
            return wanted.seeds() + wanted.plants();
        }
    }

    void takeOff() {
        Map<Bought, List<Want>> wanted = new TreeMap<>(Bought.IN_ORDER);
        plan.list(PlantingKinds.PLANTINGS).forEach(planting -> {
            int season = Plan.season(planting.from(), plan.yearBegins());
            int count = count(planting, season);
            if (count > 0 && season >= plan.firstSeason()) {
                boolean asSeed = planting.raising() != Raising.BOUGHT;
                wanted.computeIfAbsent(
                                new Bought(season(planting), planting.crop(), planting.name(), asSeed),
                                unknown -> new ArrayList<>())
                        .add(new Want(planting, count));
                takeoff.work(season, planting.raising() == Raising.SOWN ? SOW : PLANT, count);
            }
        });
        wanted.forEach(this::buy);
    }

    /** In which its seed or its plants are bought: what is raised indoors may be sown the season before. */
    private int season(Planting planting) {
        return Math.max(plan.firstSeason(), Plan.season(planting.indoors().orElse(planting.from()), plan.yearBegins()));
    }

    private int count(Planting planting, int season) {
        Optional<BedRevision> bed = PlantingStudy.bed(plan.standing(season), planting.bed());
        return bed.map(soil -> PlantPlaces.of(soil, planting).size()).orElse(0);
    }

    /** Whole packets and nets, shared out over the plantings by what each takes of them. */
    private void buy(Bought bought, List<Want> wants) {
        Crop crop = Crops.of(bought.crop()).orElseThrow();
        int pack = bought.asSeed()
                ? crop.seed().orElseThrow().packet()
                : crop.stock().toTheNet();
        int pieces = wants.stream().mapToInt(Want::pieces).sum();
        int packs = (pieces + pack - 1) / pack;
        wants.forEach(want -> takeoff.pieces(
                bought.season(),
                BillPart.CROPS,
                bought.asSeed() ? CropPrices.PACKET : CropPrices.bought(crop.stock()),
                (double) packs * want.pieces() / pieces,
                1,
                Served.bed(want.planting().bed())));
    }
}
