package fairacre.feeding;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Family;
import fairacre.catalogue.Feeding;
import fairacre.compost.CompostBays;
import fairacre.compost.CompostKinds;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.feeding.FeedingTold.BedFeeding;
import fairacre.feeding.FeedingTold.Bought;
import fairacre.feeding.FeedingTold.Dose;
import fairacre.feeding.FeedingTold.MulchLaid;
import fairacre.fill.TopUp;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.BedSoil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What the soil of a season's beds wants. Each bed gets compost for the hungriest of its crops, once a year; sulphur in
 * the season of a test; lime in that season and, what is too much for one, in those after it; phosphate and potash in
 * that season and the three after it. All of it until there is a newer test.
 */
public final class FeedingStudy {

    /** Soil is tested again after so many years (common practice). */
    private static final int COUNTS = 4;
    /** What a bay holds shrinks to so much of it by the time that it is compost (common practice). */
    private static final double SHRUNK = 0.5;

    private static final double LITRES = 1000;
    private static final double HAIR = 1e-9;

    private final Plan plan;
    private final int season;
    private final Map<UUID, List<Crop>> grown;

    private FeedingStudy(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
        this.grown = grown(plan, season);
    }

    public static FeedingTold of(Plan plan, int season) {
        return new FeedingStudy(plan, season).told();
    }

    private FeedingTold told() {
        List<BedFeeding> beds = beds();
        Map<Amendment, Double> before = before();
        return new FeedingTold(
                beds,
                together(beds).entrySet().stream()
                        .map(each -> bought(each.getKey(), each.getValue(), before.getOrDefault(each.getKey(), 0.0)))
                        .toList(),
                beds.stream().map(BedFeeding::compost).reduce(Volume.ZERO, Volume::plus),
                TopUp.planned(plan, season),
                made());
    }

    private List<BedFeeding> beds() {
        return plan.standing(season).stream()
                .sorted(Comparator.comparing(StandingBed::name))
                .map(this::told)
                .toList();
    }

    private static Map<Amendment, Double> together(List<BedFeeding> beds) {
        Map<Amendment, Double> together = new EnumMap<>(Amendment.class);
        beds.stream()
                .flatMap(bed -> bed.doses().stream())
                .forEach(dose -> together.merge(dose.amendment(), dose.kilograms(), Double::sum));
        return together;
    }

    /** What was spread in all seasons before, kilograms. */
    private Map<Amendment, Double> before() {
        Map<Amendment, Double> before = new EnumMap<>(Amendment.class);
        seasons(plan)
                .filter(each -> each < season)
                .forEach(each -> together(new FeedingStudy(plan, each).beds())
                        .forEach((amendment, kilograms) -> before.merge(amendment, kilograms, Double::sum)));
        return before;
    }

    /** Seasons of the garden in which a test counts. */
    static IntStream seasons(Plan plan) {
        return plan.list(FeedingKinds.SOIL_TESTS).stream()
                .map(test -> Plan.season(test.taken(), plan.yearBegins()))
                .flatMapToInt(first -> IntStream.range(first, first + COUNTS))
                .filter(each -> each >= plan.firstSeason())
                .distinct()
                .sorted();
    }

    private Volume made() {
        double litres = plan.list(CompostKinds.BAYS).stream()
                .filter(bays -> bays.lifetime().includes(season))
                .map(CompostBays::capacity)
                .mapToDouble(Volume::litres)
                .sum();
        return Volume.litres(litres * SHRUNK);
    }

    private BedFeeding told(StandingBed bed) {
        double soil = BedSoil.of(bed.revision()).getArea();
        List<Crop> crops = grown.getOrDefault(bed.id(), List.of());
        Optional<Crop> hungriest = hungriest(crops.stream());
        Optional<SoilTest> test = test(bed);
        boolean sourOnPurpose = crops.stream().anyMatch(crop -> crop.family() == Family.HEATH);
        Length depth = hungriest.map(Crop::feeding).map(FeedingStudy::depth).orElse(TopUp.DEPTH);
        return new BedFeeding(
                bed.id(),
                Area.squareMetres(soil),
                hungriest.map(Crop::name),
                hungriest.map(Crop::feeding),
                depth,
                Volume.litres(soil * depth.metres() * LITRES),
                test.map(SoilTest::id),
                test.map(each -> doses(each, soil, sourOnPurpose)).orElse(List.of()),
                mulch(bed),
                sourOnPurpose);
    }

    private List<MulchLaid> mulch(StandingBed bed) {
        return plan.list(FeedingKinds.MULCHES).stream()
                .filter(mulch -> mulch.isOn(bed.id(), season))
                .sorted(Comparator.comparing(Mulch::name))
                .map(mulch -> new MulchLaid(mulch.kind(), mulch.depth(), MulchWants.volume(mulch, bed)))
                .toList();
    }

    private static Optional<Crop> hungriest(Stream<Crop> crops) {
        return crops.min(Comparator.comparing(Crop::feeding));
    }

    /** What the crops want, of each bed in which something is planted. */
    static Map<UUID, Length> depths(Plan plan, int season) {
        return grown(plan, season).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        crops -> depth(hungriest(crops.getValue().stream())
                                .orElseThrow()
                                .feeding())));
    }

    /** By their beds. */
    private static Map<UUID, List<Crop>> grown(Plan plan, int season) {
        return PlantingKinds.plantings(plan, season).stream()
                .collect(Collectors.groupingBy(
                        Planting::bed, Collectors.mapping(planting -> planting.grown(plan), Collectors.toList())));
    }

    /** One to two inches a year are usual; less for what takes little, none after what gives (common practice). */
    static Length depth(Feeding feeding) {
        return switch (feeding) {
            case HEAVY -> Length.inches(2);
            case MIDDLE -> TopUp.DEPTH;
            case LIGHT -> Length.inches(0.5);
            case GIVER -> Length.ZERO;
        };
    }

    /** The newest that counts in the season. */
    private Optional<SoilTest> test(StandingBed bed) {
        return plan.list(FeedingKinds.SOIL_TESTS).stream()
                .filter(each -> each.isOf(bed.id()) && since(each) >= 0 && since(each) < COUNTS)
                .max(Comparator.comparing(SoilTest::taken).thenComparing(SoilTest::id));
    }

    private int since(SoilTest test) {
        return season - Plan.season(test.taken(), plan.yearBegins());
    }

    private List<Dose> doses(SoilTest test, double soil, boolean sourOnPurpose) {
        List<Dose> doses = new ArrayList<>();
        double lime = Acidity.limeOf(since(test), test.acidity(), test.texture());
        add(Amendment.LIME, sourOnPurpose ? 0 : soil * lime, doses);
        if (since(test) == 0) {
            add(Amendment.SULPHUR, soil * Acidity.sulphur(test.acidity(), test.texture()), doses);
        }
        Amendment phosphate = test.amending().phosphate();
        Amendment potash = test.amending().potash();
        test.phosphorus().ifPresent(has -> add(phosphate, soil * phosphate.holding(has.phosphate()), doses));
        test.potassium().ifPresent(has -> add(potash, soil * potash.holding(has.potash()), doses));
        return doses;
    }

    private static void add(Amendment amendment, double kilograms, List<Dose> doses) {
        if (kilograms > HAIR) {
            doses.add(new Dose(amendment, kilograms));
        }
    }

    /** What is left of a bag is used in the seasons after it was bought. */
    private static Bought bought(Amendment amendment, double kilograms, double before) {
        return new Bought(amendment, kilograms, bags(amendment, before + kilograms) - bags(amendment, before));
    }

    private static int bags(Amendment amendment, double kilograms) {
        return (int) Math.ceil(kilograms / amendment.bag() - HAIR);
    }
}
