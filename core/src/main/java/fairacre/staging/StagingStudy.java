package fairacre.staging;

import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.cost.CostStudy;
import fairacre.cost.LooseShare;
import fairacre.cost.PlacedBoards;
import fairacre.goods.GoodsPrices;
import fairacre.plan.Plan;
import fairacre.staging.StagedGood.Kind;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Job;
import fairacre.takeoff.Served;
import fairacre.takeoff.Sold;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What lies ready where for the work of a season. A season for which nothing is bought has no places.
 *
 * <p>A loose good lies ready for the stage at which it is carried; boards for the last stage of their part of the work
 * at that place, and what is heavy for the first: posts are set in concrete before boards hang on them. All else lies
 * ready for all stages of its part.
 */
public final class StagingStudy {

    private static final Comparator<StagedGood> ORDER = Comparator.comparing(StagedGood::kind)
            .thenComparing(good -> good.mark().map(String::length).orElse(0))
            .thenComparing(good -> good.mark().orElse(""))
            .thenComparing(StagedGood::label)
            .thenComparing(good -> good.stages().get(0));
    /** By the keys of the rates at which they are put in. */
    private static final Map<String, Kind> PLANTS = Map.of("crop/sow", Kind.SEED, "crop/plant", Kind.YOUNG_PLANTS);
    /** Less than that of one is none. */
    private static final double HAIR = 1e-6;

    private final Plan plan;
    private final Map<Served, Set<Stage>> worked = new HashMap<>();
    private final Map<Served, List<StagedGood>> goods = new LinkedHashMap<>();

    private StagingStudy(CostStudy costs, int season) {
        this.plan = costs.takeoff().plan();
        List<Job> jobs =
                costs.jobs().stream().filter(job -> job.season() == season).toList();
        jobs.forEach(job -> worked.computeIfAbsent(job.served(), unknown -> EnumSet.noneOf(Stage.class))
                .add(job.stage()));
        costs.looseShares().stream().filter(each -> each.season() == season).forEach(this::add);
        costs.placedBoards().stream().filter(each -> each.season() == season).forEach(this::add);
        costs.takeoff().sold().stream()
                .filter(sold -> sold.line().season() == season && sold.line().part() != BillPart.CROPS)
                .forEach(this::add);
        jobs.stream().filter(job -> PLANTS.containsKey(job.rate().key())).forEach(this::addPlants);
    }

    public static StagingStudy of(CostStudy costs, int season) {
        return new StagingStudy(costs, season);
    }

    /** Places at which something lies ready, by their names. */
    public List<StagedPlace> places() {
        return goods.entrySet().stream()
                .map(each -> new StagedPlace(
                        each.getKey().id(), plan.nameOf(each.getKey().id()).orElse(""), merged(each.getValue())))
                .sorted(Comparator.comparing(StagedPlace::name).thenComparing(StagedPlace::place))
                .toList();
    }

    /** The heaviest that is lifted at a stage at a place; empty where nothing of a known weight is. */
    public Optional<Lift> lift(Stage stage, UUID place) {
        return Stream.of(true, false)
                .flatMap(isBed -> goods.getOrDefault(new Served(place, isBed), List.of()).stream())
                .filter(good -> good.stages().contains(stage))
                .flatMap(good -> good.kilograms().map(heavy -> new Lift(good.label(), heavy)).stream())
                .max(Lift.HEAVIEST);
    }

    private void add(Served served, StagedGood good) {
        goods.computeIfAbsent(served, unknown -> new ArrayList<>()).add(good);
    }

    private void add(LooseShare share) {
        boolean bags = share.origin() == LooseShare.Origin.BAGS;
        Optional<Double> heavy = Optional.of(GoodsPrices.bag(share.good(), plan.units()))
                .filter(bag -> bags)
                .flatMap(bag -> bag.kilograms());
        add(
                share.served(),
                new StagedGood(
                        switch (share.origin()) {
                            case BAGS -> Kind.BAGS;
                            case BULK -> Kind.BULK;
                            case ON_HAND -> Kind.ON_HAND;
                        },
                        List.of(share.use().carried(share.good())),
                        bags
                                ? GoodsPrices.bag(share.good(), plan.units()).label()
                                : share.good().label(),
                        share.much(),
                        Optional.empty(),
                        Optional.empty(),
                        heavy));
    }

    private void add(PlacedBoards boards) {
        List<Stage> stages = stages(boards.part(), boards.served());
        BoardKind kind = boards.kind();
        boards.pieces()
                .forEach(piece -> add(
                        boards.served(),
                        new StagedGood(
                                Kind.BOARDS,
                                List.of(stages.get(stages.size() - 1)),
                                kind.material().label() + ", " + kind.board().label(),
                                piece.count(),
                                Optional.of(piece.length()),
                                Optional.of(piece.mark()),
                                Optional.of(piece.length().metres()
                                        * kind.board().thickness().metres()
                                        * kind.board().width().metres()
                                        * kind.material().mostDensity()))));
    }

    private void add(Sold sold) {
        Optional<Double> heavy = sold.line().item().kilograms();
        sold.shares(plan.units()).stream()
                .collect(Collectors.groupingBy(
                        Sold.Share::served, LinkedHashMap::new, Collectors.summingDouble(Sold.Share::units)))
                .forEach((served, units) -> {
                    List<Stage> stages = stages(sold.line().part(), served);
                    if (units > HAIR && !stages.isEmpty()) {
                        add(
                                served,
                                new StagedGood(
                                        Kind.PIECES,
                                        heavy.isPresent() ? stages.subList(0, 1) : stages,
                                        sold.line().item().label(),
                                        units,
                                        Optional.empty(),
                                        Optional.empty(),
                                        heavy));
                    }
                });
    }

    private void addPlants(Job job) {
        add(
                job.served(),
                new StagedGood(
                        PLANTS.get(job.rate().key()),
                        List.of(Stage.PLANTING),
                        plan.nameOf(job.about()).orElse(job.rate().label()),
                        Math.ceil(job.quantity() - HAIR),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    /** The stages of a part at which a place is worked; all of the part's if it is not said. */
    private List<Stage> stages(BillPart part, Served served) {
        List<Stage> here = part.stages().stream()
                .filter(stage -> worked.getOrDefault(served, Set.of()).contains(stage))
                .toList();
        return here.isEmpty() ? part.stages() : here;
    }

    /** The same things made one. */
    private static List<StagedGood> merged(Collection<StagedGood> goods) {
        return goods.stream()
                .collect(Collectors.toMap(
                        good -> List.of(good.kind(), good.stages(), good.label(), good.length(), good.mark()),
                        good -> good,
                        StagingStudy::both,
                        LinkedHashMap::new))
                .values()
                .stream()
                .sorted(ORDER)
                .toList();
    }

    private static StagedGood both(StagedGood one, StagedGood other) {
        return new StagedGood(
                one.kind(),
                one.stages(),
                one.label(),
                one.quantity() + other.quantity(),
                one.length(),
                one.mark(),
                one.kilograms());
    }
}
