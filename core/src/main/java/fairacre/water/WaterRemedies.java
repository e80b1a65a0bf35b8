package fairacre.water;

import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.judging.Wording;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** What would put water right; which of it does, is tried. */
final class WaterRemedies {

    private static final int MOST = 3;
    private static final double MILLIMETRES = 1000;
    /** Steps in which a barrel is set higher. */
    private static final Length HIGHER = Length.metres(0.25);

    private final SnagContext context;
    private final Piping piping;

    WaterRemedies(SnagContext context, Piping piping) {
        this.context = context;
        this.piping = piping;
    }

    /** Something that may feed others, with how far it is off. */
    private record Feeding(UUID id, String name, double distance) {}

    /** The nearest first. */
    private List<Feeding> feeding(Point place) {
        Stream<Feeding> sources = WaterKinds.sources(context.plan(), context.season()).stream()
                .map(source -> new Feeding(
                        source.id(),
                        source.name(),
                        source.place().distance(place).metres()));
        Stream<Feeding> runs = piping.runs().stream()
                .map(laid -> new Feeding(
                        laid.run().id(),
                        laid.run().name(),
                        laid.course().nearest(place).place().distance(place).metres()));
        return Stream.concat(runs, sources)
                .sorted(Comparator.comparingDouble(Feeding::distance))
                .limit(MOST)
                .toList();
    }

    List<Remedy> feeding(WaterRun run) {
        List<Remedy> ways = new ArrayList<>();
        feeding(run.places().get(0))
                .forEach(from -> ways.add(
                        new Remedy("Feed " + run.name() + " from " + from.name(), Put.of(run.fedBy(from.id())))));
        ways.add(new Remedy("Take up " + run.name(), new Remove<>(WaterKinds.RUNS, run.id())));
        return ways;
    }

    List<Remedy> feeding(Manifold manifold) {
        List<Remedy> ways = new ArrayList<>();
        feeding(manifold.place())
                .forEach(from -> ways.add(new Remedy(
                        "Feed " + manifold.name() + " from " + from.name(), Put.of(manifold.fedBy(from.id())))));
        ways.add(new Remedy("Take " + manifold.name() + " off", new Remove<>(WaterKinds.MANIFOLDS, manifold.id())));
        return ways;
    }

    List<Remedy> feeding(BedLines each) {
        List<Remedy> ways = new ArrayList<>();
        Optional<StandingBed> bed = Optional.ofNullable(context.bed(each.bed()));
        bed.ifPresent(standing -> feeding(standing.outline().centre())
                .forEach(from -> ways.add(
                        new Remedy("Water " + standing.name() + " from " + from.name(), each.fedBy(from.id())))));
        ways.add(takeOut(each, bed.map(StandingBed::name).orElse("its bed")));
        return ways;
    }

    /** Fed by something else, so that the pipe to the bed leads elsewhere. */
    List<Remedy> elsewhere(LaidLines laid) {
        return feeding(laid.lines()).stream()
                .filter(remedy -> !(remedy.change() instanceof Put<?> put
                        && put.thing() instanceof BedLines moved
                        && moved.from().equals(laid.lines().from())))
                .toList();
    }

    Remedy takeOut(BedLines each, String bed) {
        return new Remedy("Take the " + each.noun() + " out of " + bed, each.takenOut());
    }

    /** A hose nearer to the edge, as near as it takes; or none. */
    List<Remedy> makingRoom(BedLines each, StandingBed bed) {
        List<Remedy> ways = new ArrayList<>();
        if (each instanceof Soaker hose) {
            Stream.iterate(
                            context.wording().stepDown(hose.inset()),
                            inset -> inset.compareTo(Soaker.LEAST_INSET) >= 0,
                            context.wording()::stepDown)
                    .filter(inset -> !BedLayout.loop(bed.revision(), hose.within(inset))
                            .inlets()
                            .isEmpty())
                    .findFirst()
                    .ifPresent(inset -> ways.add(new Remedy(
                            "Lay it " + context.wording().length(inset) + " inside the edge",
                            Put.of(hose.within(inset)))));
        }
        ways.add(takeOut(each, bed.name()));
        return ways;
    }

    List<Remedy> stronger(Zone zone, WaterRule rule) {
        return curing(
                List.of(valves(zone), largerPipes(zone), smallerHoles(zone), compensating(zone), higherBarrel(zone)),
                zone,
                rule);
    }

    List<Remedy> less(Zone zone) {
        return curing(List.of(valves(zone), smallerHoles(zone)), zone, WaterRule.SOURCE_TOO_SMALL);
    }

    List<Remedy> slower(Zone zone) {
        return curing(List.of(largerPipes(zone), valves(zone), smallerHoles(zone)), zone, WaterRule.WATER_TOO_FAST);
    }

    /** Of each sort of remedy the first that does away with it; where none does, the line that lies furthest goes. */
    private List<Remedy> curing(List<List<Remedy>> sorts, Zone zone, WaterRule rule) {
        Set<UUID> beds = new HashSet<>();
        zone.beds().forEach(bed -> beds.add(bed.bed()));
        List<Remedy> cures = sorts.stream()
                .flatMap(ways -> ways.stream()
                        .filter(way -> context.cures(way.change(), rule, beds))
                        .limit(1))
                .limit(MOST)
                .toList();
        if (!cures.isEmpty()) {
            return cures;
        }
        LaidLines last = open(zone).stream()
                .max(Comparator.comparingDouble(laid -> laid.stub().length()))
                .orElseThrow();
        return List.of(takeOut(last.lines(), last.bed().name()));
    }

    private List<LaidLines> open(Zone zone) {
        return piping.lines().stream()
                .filter(laid -> piping.valve(laid).equals(zone.valve()))
                .toList();
    }

    /** Valves that part the zone: of a run, of one bed, of all beds. */
    private List<Remedy> valves(Zone zone) {
        List<LaidLines> open = open(zone);
        if (open.size() < 2) {
            return List.of();
        }
        List<Remedy> ways = new ArrayList<>();
        runs(open).stream()
                .filter(laid -> !laid.valve() && parts(laid, open))
                .forEach(laid -> ways.add(new Remedy(
                        "Put a valve at the beginning of " + laid.run().name(),
                        Put.of(laid.run()
                                .withValve(NewWater.handles(context.plan().units()))))));
        open.stream()
                .filter(laid -> !laid.valve())
                .forEach(laid -> ways.add(new Remedy(
                        "Give " + laid.bed().name() + " a valve of its own",
                        laid.lines().valved())));
        String words = "Give each of the " + open.size() + " beds a valve of its own";
        ways.add(new Remedy(
                words,
                new Change.Batch(
                        words,
                        open.stream()
                                .map(laid -> (Change) laid.lines().valved())
                                .toList())));
        return ways;
    }

    /** Whether some of the lines hang on a run and some don't. */
    private boolean parts(LaidRun run, List<LaidLines> open) {
        long below = open.stream()
                .filter(laid -> piping.path(laid.lines().from())
                        .anyMatch(id -> id.equals(run.run().id())))
                .count();
        return below > 0 && below < open.size();
    }

    private List<LaidRun> runs(List<LaidLines> open) {
        Set<UUID> ids = new HashSet<>();
        open.forEach(laid -> piping.path(laid.lines().from()).forEach(ids::add));
        return piping.runs().stream()
                .filter(laid -> ids.contains(laid.run().id()))
                .toList();
    }

    /** Each run a size larger, then all of them one size and two. */
    private List<Remedy> largerPipes(Zone zone) {
        List<LaidRun> runs = runs(open(zone));
        List<Remedy> ways = new ArrayList<>();
        for (LaidRun laid : runs) {
            laid.run()
                    .pipe()
                    .larger()
                    .ifPresent(larger -> ways.add(new Remedy(
                            "Lay " + laid.run().name() + " in " + larger.label(),
                            Put.of(laid.run().of(larger)))));
        }
        UnaryOperator<PipeKind> once = kind -> kind.larger().orElse(kind);
        if (runs.size() > 1) {
            ways.add(allLarger("Lay all runs of zone " + zone.number() + " a size larger", runs, once));
        }
        if (!runs.isEmpty()) {
            ways.add(allLarger(
                    "Lay all runs of zone " + zone.number() + " two sizes larger",
                    runs,
                    kind -> once.apply(once.apply(kind))));
        }
        return ways;
    }

    private static Remedy allLarger(String words, List<LaidRun> runs, UnaryOperator<PipeKind> larger) {
        return new Remedy(
                words,
                new Change.Batch(
                        words,
                        runs.stream()
                                .map(laid -> (Change) Put.of(
                                        laid.run().of(larger.apply(laid.run().pipe()))))
                                .toList()));
    }

    /** From the next smaller on, in half millimetres or 64ths of an inch; the largest that will do comes first. */
    private List<Remedy> smallerHoles(Zone zone) {
        List<Soaker> hoses = open(zone).stream()
                .map(LaidLines::lines)
                .filter(Soaker.class::isInstance)
                .map(Soaker.class::cast)
                .toList();
        if (hoses.isEmpty()) {
            return List.of();
        }
        Length step = context.plan().units() == Units.METRIC ? Length.millimetres(0.5) : Length.inches(1.0 / 64);
        Length widest = hoses.stream().map(Soaker::hole).reduce(Length.ZERO, Length::max);
        return Stream.iterate(
                        widest.minus(step), hole -> hole.compareTo(Soaker.SMALLEST_HOLE) >= 0, hole -> hole.minus(step))
                .map(hole -> drilled(hoses, hole))
                .toList();
    }

    private Remedy drilled(List<Soaker> hoses, Length hole) {
        List<StandingBed> beds =
                hoses.stream().map(hose -> context.bed(hose.bed())).distinct().toList();
        String words = "Drill holes of " + holeWords(hole) + " for " + Wording.named(beds);
        List<Change> changes = hoses.stream()
                .filter(hose -> hose.hole().compareTo(hole) > 0)
                .map(hose -> (Change) Put.of(hose.drilled(hole)))
                .toList();
        return new Remedy(words, batch(words, changes));
    }

    private String holeWords(Length hole) {
        return context.plan().units() == Units.METRIC
                ? String.format(Locale.ROOT, "%.1f mm", hole.metres() * MILLIMETRES)
                : Math.round(hole.metres() / Length.inches(1.0 / 64).metres()) + "/64 in";
    }

    private List<Remedy> compensating(Zone zone) {
        List<Dripline> plain = open(zone).stream()
                .map(LaidLines::lines)
                .filter(lines -> lines instanceof Dripline drip && !drip.compensating())
                .map(Dripline.class::cast)
                .toList();
        String words = "Take dripline with compensating drippers for zone " + zone.number();
        return plain.isEmpty()
                ? List.of()
                : List.of(new Remedy(
                        words,
                        new Change.Batch(
                                words,
                                plain.stream()
                                        .map(drip -> (Change) Put.of(drip.compensated()))
                                        .toList())));
    }

    /** Drippers that give twice as much: in one of the zones, or in all that hang on the source. */
    List<Remedy> faster(List<Zone> late) {
        List<Zone> fed = zonesOf(late.get(0).source());
        List<List<Zone>> tried = new ArrayList<>();
        fed.forEach(zone -> tried.add(List.of(zone)));
        tried.add(fed);
        return curing(
                tried.stream().flatMap(some -> stronglyDripping(some).stream()).toList(),
                late,
                WaterRule.WATERING_TOO_LONG);
    }

    private List<Zone> zonesOf(UUID source) {
        return context.study(WaterStudy.class).zones().stream()
                .filter(zone -> zone.source().equals(source))
                .toList();
    }

    private Optional<Remedy> stronglyDripping(List<Zone> some) {
        List<Change> changes = some.stream()
                .flatMap(zone -> open(zone).stream())
                .map(LaidLines::lines)
                .filter(Dripline.class::isInstance)
                .map(Dripline.class::cast)
                .filter(line -> line.flow().litresAnHour() * 2 <= Dripline.MOST_FLOW)
                .map(line -> (Change)
                        Put.of(line.giving(Flow.litresAnHour(line.flow().litresAnHour() * 2))))
                .toList();
        String zones = (some.size() == 1 ? "zone " : "zones ")
                + Wording.names(
                        some.stream().map(zone -> String.valueOf(zone.number())).toList());
        String words = "Take dripline that gives twice as much for " + zones;
        return changes.isEmpty() ? Optional.empty() : Optional.of(new Remedy(words, batch(words, changes)));
    }

    /** What hangs on a barrel directly, fed by another source, the nearest first. */
    List<Remedy> instead(Barrel barrel) {
        List<Zone> fed = zonesOf(barrel.id());
        List<Remedy> ways = WaterKinds.sources(context.plan(), context.season()).stream()
                .filter(source -> !source.id().equals(barrel.id()))
                .sorted(Comparator.comparing(source -> source.place().distance(barrel.place())))
                .map(source -> feedingAll(barrel, source))
                .toList();
        return fed.isEmpty() ? List.of() : curing(ways, fed, WaterRule.BARREL_DRY);
    }

    private Remedy feedingAll(Barrel barrel, WaterSource source) {
        String words = "Feed from " + source.name() + " what hangs on " + barrel.name();
        Stream<Change> runs = WaterKinds.runs(context.plan(), context.season()).stream()
                .filter(run -> run.from().equals(barrel.id()))
                .map(run -> Put.of(run.fedBy(source.id())));
        Stream<Change> lines = WaterKinds.lines(context.plan(), context.season()).stream()
                .filter(each -> each.from().equals(barrel.id()))
                .map(each -> each.fedBy(source.id()));
        Stream<Change> manifolds = WaterKinds.manifolds(context.plan(), context.season()).stream()
                .filter(manifold -> manifold.from().equals(barrel.id()))
                .map(manifold -> Put.of(manifold.fedBy(source.id())));
        return new Remedy(
                words,
                batch(
                        words,
                        Stream.of(runs, manifolds, lines).flatMap(part -> part).toList()));
    }

    /** Of ways that do away with a flaw of some zones the first. */
    private List<Remedy> curing(List<Remedy> ways, List<Zone> some, WaterRule rule) {
        Set<UUID> beds = new HashSet<>();
        some.forEach(zone -> zone.beds().forEach(bed -> beds.add(bed.bed())));
        return ways.stream()
                .filter(way -> context.cures(way.change(), rule, beds))
                .limit(1)
                .toList();
    }

    /** Step by step, up to as high as a barrel may stand. */
    private List<Remedy> higherBarrel(Zone zone) {
        Optional<Barrel> barrel = context.plan().list(WaterKinds.BARRELS).stream()
                .filter(each -> each.id().equals(zone.source()))
                .findFirst();
        return barrel.stream()
                .flatMap(each -> Stream.iterate(
                                each.height().plus(HIGHER),
                                height -> height.compareTo(Barrel.HIGHEST) <= 0,
                                height -> height.plus(HIGHER))
                        .map(context.wording()::tidyUp)
                        .map(height -> new Remedy(
                                "Set " + each.name() + " so that its outlet is "
                                        + context.wording().length(height) + " above the ground",
                                Put.of(each.raised(height)))))
                .toList();
    }

    /** All of them as the nearest bed that is watered; with valves of their own where the zone would take too much. */
    List<Remedy> watering(List<StandingBed> dry) {
        List<Change> shared = new ArrayList<>();
        List<Change> valved = new ArrayList<>();
        for (StandingBed bed : dry) {
            UUID from = feeding(bed.outline().centre()).get(0).id();
            Put<?> put = like(bed).copied(newId(bed), bed.id(), from);
            shared.add(put);
            valved.add(((BedLines) put.thing()).valved());
        }
        String words = "Water " + Wording.named(dry) + " like the bed next to " + (dry.size() == 1 ? "it" : "each");
        return List.of(
                new Remedy(words, batch(words, shared)),
                new Remedy(words + ", by valves of their own", batch(words, valved)));
    }

    /** What waters the nearest bed, of those that have room in this one. */
    private BedLines like(StandingBed bed) {
        List<BedLines> nearestFirst = piping.lines().stream()
                .sorted(Comparator.comparing(laid ->
                        laid.bed().outline().centre().distance(bed.outline().centre())))
                .map(LaidLines::lines)
                .toList();
        return nearestFirst.stream()
                .filter(lines -> !lines.layouts(bed.revision()).get(0).inlets().isEmpty())
                .findFirst()
                .orElse(nearestFirst.get(0));
    }

    private static Change batch(String words, List<Change> changes) {
        return changes.size() == 1 ? changes.get(0) : new Change.Batch(words, changes);
    }

    /** The same for the same bed, so that a judgement says the same twice. */
    private static UUID newId(StandingBed bed) {
        return UUID.nameUUIDFromBytes(("lines of " + bed.id()).getBytes(StandardCharsets.UTF_8));
    }
}
