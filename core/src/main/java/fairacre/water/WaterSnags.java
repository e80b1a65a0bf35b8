package fairacre.water;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is wrong with how a garden is watered: of each zone as it runs, and of what hangs together. */
final class WaterSnags {

    private final SnagContext context;
    private final WaterStudy study;
    private final Piping piping;
    private final WaterRemedies remedies;

    WaterSnags(SnagContext context) {
        this.context = context;
        this.study = context.study(WaterStudy.class);
        this.piping = study.piping();
        this.remedies = new WaterRemedies(context, piping);
    }

    List<Snag> find() {
        List<Snag> snags = new ArrayList<>();
        piping.unfedRuns().forEach(run -> snags.add(unfed(run)));
        piping.unfedLines().forEach(each -> snags.add(unfed(each)));
        piping.bedless().forEach(each -> snags.add(bedless(each)));
        piping.roomless().forEach(each -> snags.add(roomless(each)));
        for (Zone zone : study.zones()) {
            weak(zone).ifPresent(snags::add);
            uneven(zone).ifPresent(snags::add);
            tooMuch(zone).ifPresent(snags::add);
            tooFast(zone).ifPresent(snags::add);
        }
        gear().forEach(snags::add);
        freezing().forEach(snags::add);
        unwatered().ifPresent(snags::add);
        return snags;
    }

    private Wording wording() {
        return context.wording();
    }

    private Snag unfed(WaterRun run) {
        String from = WaterKinds.name(context.plan(), run.from())
                .map(name -> name + ", which feeds it, is not there or not fed itself")
                .orElse("what it began at is gone");
        return Snag.of(
                        WaterRule.PIPE_UNFED,
                        Weight.WARNING,
                        run.name() + " gets no water in " + context.season() + ": " + from + ".",
                        Optional.of(run.places().get(0)),
                        List.of(),
                        List.of(),
                        context.remedies(() -> remedies.feeding(run)))
                .about(context.ref(run.id()));
    }

    private Snag unfed(BedLines each) {
        Optional<StandingBed> bed = Optional.ofNullable(context.bed(each.bed()));
        String name = bed.map(StandingBed::name).orElse("a bed");
        return Snag.of(
                        WaterRule.PIPE_UNFED,
                        Weight.WARNING,
                        "The " + each.noun() + " of " + name + " gets no water in " + context.season()
                                + ": what feeds it is gone, not there yet or not fed itself.",
                        bed.map(standing -> standing.outline().centre()),
                        bed.stream().map(StandingBed::id).toList(),
                        List.of(),
                        context.remedies(() -> remedies.feeding(each)))
                .about(context.ref(each.id()));
    }

    private Snag bedless(BedLines each) {
        String bed = context.plan().beds().stream()
                .filter(known -> known.id().equals(each.bed()))
                .map(known -> "of " + known.name() + " is there in " + context.season() + " and the bed is not")
                .findFirst()
                .orElse("lies in a bed that is gone");
        return Snag.of(
                        WaterRule.LINES_NOWHERE,
                        Weight.NOTE,
                        "The " + each.noun() + " " + bed + ".",
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        context.remedies(() -> List.of(remedies.takeOut(each, "the bed that isn't there"))))
                .about(context.ref(each.id()));
    }

    private Snag roomless(BedLines each) {
        StandingBed bed = context.bed(each.bed());
        return Snag.of(
                        WaterRule.LINES_NOWHERE,
                        Weight.WARNING,
                        bed.name() + " is too narrow for its " + each.noun() + ".",
                        Optional.of(bed.outline().centre()),
                        List.of(bed.id()),
                        List.of(),
                        context.remedies(() -> remedies.makingRoom(each, bed)))
                .about(context.ref(each.id()));
    }

    private static List<UUID> beds(Stream<BedWater> some) {
        return some.map(BedWater::bed).distinct().sorted().toList();
    }

    private String named(Zone zone) {
        return "Zone " + zone.number() + " (" + wordsOf(zone.beds()) + ")";
    }

    private String wordsOf(List<BedWater> beds) {
        return Wording.named(
                beds.stream().map(bed -> context.bed(bed.bed())).distinct().toList());
    }

    private Optional<Snag> weak(Zone zone) {
        List<BedWater> weak = zone.beds().stream()
                .filter(BedWater::isWeak)
                .sorted(Comparator.comparingDouble(
                        bed -> (double) bed.least().pascals() / bed.needed().pascals()))
                .toList();
        if (weak.isEmpty()) {
            return Optional.empty();
        }
        BedWater worst = weak.get(0);
        String others = weak.size() == 1 ? "" : "; " + wordsOf(weak.subList(1, weak.size())) + " too little as well";
        return Optional.of(Snag.of(
                        WaterRule.OUTLET_WEAK,
                        Weight.SERIOUS,
                        "The last outlet of " + context.bed(worst.bed()).name() + " gets "
                                + wording().pressure(worst.least()) + " and needs "
                                + wording().pressure(worst.needed()) + ", while zone " + zone.number() + " runs"
                                + others + "." + tooLong(worst),
                        Optional.of(worst.outlets().get(worst.weakest())),
                        beds(weak.stream()),
                        List.of(),
                        context.remedies(() -> remedies.stronger(zone, WaterRule.OUTLET_WEAK)))
                .about(context.ref(worst.lines()))
                .by(1 - (double) worst.least().pascals() / worst.needed().pascals()));
    }

    private Optional<Snag> uneven(Zone zone) {
        if (!zone.isUneven()) {
            return Optional.empty();
        }
        BedWater least = zone.beds().stream()
                .min(Comparator.comparingDouble(bed -> bed.least().pascals()))
                .orElseThrow();
        return Optional.of(Snag.of(
                        WaterRule.WATER_UNEVEN,
                        Weight.WARNING,
                        named(zone) + ": the quarter of the outlets that gets least has "
                                + wording().share(zone.evenness()) + " of the mean; "
                                + wording().share(zone.evennessWanted()) + " are wanted. Least comes to "
                                + context.bed(least.bed()).name() + "." + tooLong(least),
                        Optional.of(least.outlets().get(least.weakest())),
                        beds(zone.beds().stream()),
                        List.of(),
                        context.remedies(() -> remedies.stronger(zone, WaterRule.WATER_UNEVEN)))
                .about(context.ref(least.lines()))
                .by(zone.evennessWanted() - zone.evenness()));
    }

    /** Whether lines serve a length of one of them, fed with a head of so many metres. */
    private record Asked(BedLines lines, double head, double length) {}

    /** What is to be told of a bed with a line that is longer than it can serve; nothing of others. */
    private String tooLong(BedWater bed) {
        double longest = bed.drawn().stream()
                .mapToDouble(places -> new Course(places).length())
                .max()
                .orElse(0);
        BedLines lines = WaterKinds.lines(context.plan())
                .filter(each -> each.id().equals(bed.lines()))
                .findFirst()
                .orElseThrow();
        double head = bed.most().headMetres();
        return context.memo().recall(new Asked(lines, head, longest), () -> LongestLine.serves(lines, head, longest))
                ? ""
                : " A line of " + wording().length(Length.metres(longest)) + " is too long there: up to "
                        + wording().length(Length.metres(LongestLine.of(lines, head))) + " would do.";
    }

    private Optional<Snag> tooMuch(Zone zone) {
        if (!zone.isTooMuch()) {
            return Optional.empty();
        }
        double wants = zone.wants().litresAnHour();
        Flow given = zone.gives().orElseThrow();
        double gives = given.litresAnHour();
        String source = WaterKinds.name(context.plan(), zone.source()).orElseThrow();
        String told = gives == 0
                ? source + " has not the pressure which that takes"
                : source + " gives " + wording().flow(given) + " at the pressure which that takes, and "
                        + wording().flow(Flow.litresAnHour(Zone.SHARE * gives)) + " of it can be counted on";
        return Optional.of(Snag.of(
                        WaterRule.SOURCE_TOO_SMALL,
                        wants > gives ? Weight.SERIOUS : Weight.WARNING,
                        named(zone) + " wants " + wording().flow(zone.wants()) + "; " + told + ".",
                        Optional.of(valve(zone)),
                        beds(zone.beds().stream()),
                        List.of(),
                        context.remedies(() -> remedies.less(zone)))
                .about(context.ref(zone.source()))
                .by(wants - Zone.SHARE * gives));
    }

    /** Where a zone is opened: at the beginning of a run or of the pipe to a bed, or at the source. */
    private Point valve(Zone zone) {
        return piping.run(zone.valve())
                .map(run -> run.course().places().get(0))
                .or(() -> zone.beds().stream()
                        .filter(bed -> bed.lines().equals(zone.valve()))
                        .map(bed -> bed.stub().get(0))
                        .findFirst())
                .orElseGet(() -> piping.source(zone.valve()).place());
    }

    private Optional<Snag> tooFast(Zone zone) {
        if (!zone.isTooFast()) {
            return Optional.empty();
        }
        LaidRun run = piping.run(zone.fastest().orElseThrow()).orElseThrow();
        return Optional.of(Snag.of(
                        WaterRule.WATER_TOO_FAST,
                        Weight.WARNING,
                        "Water runs through " + run.run().name() + " at "
                                + wording().velocity(zone.velocity())
                                + " while zone " + zone.number() + " runs; "
                                + wording().velocity(Zone.FASTEST) + " are enough.",
                        Optional.of(run.course().at(run.course().length() / 2)),
                        beds(zone.beds().stream()),
                        List.of(),
                        context.remedies(() -> remedies.slower(zone)))
                .about(context.ref(run.run().id()))
                .by(zone.velocity() - Zone.FASTEST));
    }

    private Stream<Snag> gear() {
        Map<WaterSource, List<LaidLines>> bySource = piping.lines().stream()
                .collect(
                        Collectors.groupingBy(laid -> piping.source(laid.lines().from())));
        return bySource.entrySet().stream()
                .sorted(Comparator.comparing(entry -> entry.getKey().id()))
                .flatMap(entry -> gear(entry.getKey(), entry.getValue()));
    }

    private Stream<Snag> gear(WaterSource source, List<LaidLines> fed) {
        Gear gear = source.gear();
        boolean drips = fed.stream().anyMatch(laid -> laid.lines().drips());
        boolean tap = source instanceof Tap;
        List<Snag> missing = new ArrayList<>();
        if (tap && !gear.preventer()) {
            missing.add(missing(
                    WaterRule.TAP_WITHOUT_PREVENTER,
                    Weight.WARNING,
                    source,
                    " feeds pipes and has no backflow preventer.",
                    new Remedy("Put a backflow preventer at " + source.name(), put(source, gear.withPreventer()))));
        }
        if (drips && !gear.filter()) {
            missing.add(missing(
                    WaterRule.DRIP_WITHOUT_FILTER,
                    Weight.NOTE,
                    source,
                    " feeds drippers and has no filter.",
                    new Remedy("Put a filter at " + source.name(), put(source, gear.withFilter()))));
        }
        if (tap && drips && gear.reducer().isEmpty()) {
            missing.add(missing(
                    WaterRule.DRIP_WITHOUT_REDUCER,
                    Weight.NOTE,
                    source,
                    " feeds drippers and has no pressure reducer.",
                    new Remedy(
                            "Put a pressure reducer of " + wording().pressure(Gear.USUAL_REDUCER) + " at "
                                    + source.name(),
                            put(source, gear.withReducer(Gear.USUAL_REDUCER)))));
        }
        return missing.stream();
    }

    /** Of each source whose pipes stay out in a month with frost. */
    private Stream<Snag> freezing() {
        Optional<Month> coldest = context.plan().list(WaterKinds.CLIMATES).stream()
                .flatMap(climate -> climate.coldest().stream())
                .findFirst();
        return coldest.stream()
                .flatMap(month -> piping.runs().stream()
                        .map(laid -> piping.source(laid.run().from()))
                        .distinct()
                        .filter(source -> !source.gear().drain())
                        .sorted(Comparator.comparing(WaterSource::id))
                        .map(source -> missing(
                                WaterRule.PIPES_FREEZE,
                                Weight.NOTE,
                                source,
                                " feeds pipes that stay full, and in "
                                        + month.getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                                        + " the usual night freezes.",
                                new Remedy(
                                        "Put a drain cock at the lowest place of the pipes from " + source.name(),
                                        put(source, source.gear().withDrain())))));
    }

    private static Put<?> put(WaterSource source, Gear gear) {
        return Put.of(source.withGear(gear));
    }

    private Snag missing(WaterRule rule, Weight weight, WaterSource source, String words, Remedy remedy) {
        return Snag.of(
                        rule,
                        weight,
                        source.name() + words,
                        Optional.of(source.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> List.of(remedy)))
                .about(context.ref(source.id()));
    }

    /** Nobody is nagged who waters by hand. */
    private Optional<Snag> unwatered() {
        Set<UUID> watered = new HashSet<>();
        WaterKinds.lines(context.plan(), context.season()).forEach(each -> watered.add(each.bed()));
        List<StandingBed> dry = context.standing().stream()
                .filter(bed -> !watered.contains(bed.id()))
                .toList();
        if (dry.isEmpty() || piping.lines().isEmpty()) {
            return Optional.empty();
        }
        Point place = dry.get(0).outline().centre();
        return Optional.of(Snag.of(
                        WaterRule.BED_UNWATERED,
                        Weight.NOTE,
                        Wording.named(dry) + (dry.size() == 1 ? " is" : " are") + " watered by no pipe.",
                        Optional.of(place),
                        dry.stream().map(StandingBed::id).sorted().toList(),
                        List.of(),
                        context.remedies(() -> remedies.watering(dry)))
                .by(dry.size()));
    }
}
