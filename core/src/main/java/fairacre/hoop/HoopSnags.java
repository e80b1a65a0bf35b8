package fairacre.hoop;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** Hoops that don't go over their beds, are bent too tightly, or stand where others stand. */
final class HoopSnags {

    private final SnagContext context;
    private final HoopStudy study;
    private final List<HoopSet> sets;

    HoopSnags(SnagContext context) {
        this.context = context;
        this.study = HoopStudy.of(context.plan(), context.season(), context.standing());
        this.sets = HoopKinds.sets(context.plan(), context.season());
    }

    List<Snag> find() {
        return Stream.concat(sets.stream().flatMap(this::ofSet), twice()).toList();
    }

    private Stream<Snag> ofSet(HoopSet set) {
        HoopFit fit = HoopFit.of(context.plan(), set);
        List<HoopsOverBed> over = study.over(set, fit);
        Stream<Snag> misfits =
                over.stream().flatMap(bed -> bed.misfit().stream().map(why -> misfit(set, fit, bed.bed(), why)));
        Optional<Snag> tight = over.stream()
                .filter(bed -> bed.bentTighterThan(set.pipe().tightest()))
                .min(Comparator.comparing(HoopsOverBed::tightest))
                .map(tightest -> tooTight(set, tightest));
        return Stream.concat(misfits, tight.stream());
    }

    private Snag misfit(HoopSet set, HoopFit fit, UUID id, HoopMisfit why) {
        Optional<StandingBed> bed = Optional.ofNullable(context.bed(id));
        String name = context.plan().nameOf(id).orElse("a bed that is gone");
        return Snag.of(
                        HoopRule.HOOPS_DONT_FIT,
                        why == HoopMisfit.NO_BED ? Weight.WARNING : Weight.SERIOUS,
                        words(set, fit, name, bed, why),
                        bed.map(standing -> standing.outline().centre()),
                        bed.stream().map(StandingBed::id).toList(),
                        List.of(),
                        context.remedies(() -> remedies(set, id, bed, why)))
                .about(context.ref(set.id()));
    }

    private String words(HoopSet set, HoopFit fit, String name, Optional<StandingBed> bed, HoopMisfit why) {
        String them = set.name() + " can't stand over " + name + ": ";
        return switch (why) {
            case NO_BED ->
                set.name() + " is to stand over " + name + ", which isn't there in " + context.season() + ".";
            case SHAPE -> them + "bows need a bed with four corners and straight sides.";
            case TOO_SHORT ->
                them + "it is "
                        + length(HoopFit.span(bed.orElseThrow().revision(), set.pipe())) + " wide inside, and "
                        + fit.cut()
                                .map(cut -> "a bow has "
                                        + length(Length.max(
                                                Length.ZERO,
                                                cut.minus(set.depth().times(2))))
                                        + " of pipe above the soil.")
                                .orElse("no bow has room there.");
            case OTHER_WIDTH ->
                them + "its bows stay as they are bent, for a bed of another width than "
                        + length(HoopFit.span(bed.orElseThrow().revision(), set.pipe())) + " inside.";
            case SHALLOW ->
                them + "its feet go " + length(set.depth()) + " deep, and there are "
                        + length(HoopFit.soil(bed.orElseThrow().revision())) + " of soil.";
            case NO_BOARDS -> them + "it has no boards to strap sleeves to.";
        };
    }

    private List<Remedy> remedies(HoopSet set, UUID id, Optional<StandingBed> bed, HoopMisfit why) {
        List<Remedy> remedies = new ArrayList<>();
        switch (why) {
            case NO_BED -> whileItStands(set, id).ifPresent(remedies::add);
            case TOO_SHORT -> longer(set, bed.orElseThrow()).ifPresent(remedies::add);
            case SHALLOW -> {
                Length soil = context.wording()
                        .tidyDown(HoopFit.soil(bed.orElseThrow().revision()));
                if (soil.compareTo(HoopSet.SHALLOWEST) >= 0) {
                    remedies.add(new Remedy(
                            "Set its feet " + length(soil) + " deep", Put.of(set.withAnchor(set.anchor(), soil))));
                }
            }
            case NO_BOARDS ->
                remedies.add(new Remedy(
                        "Push the bows into the soil", Put.of(set.withAnchor(HoopAnchor.IN_SOIL, set.depth()))));
            case SHAPE, OTHER_WIDTH -> {}
        }
        remedies.add(new Remedy(
                "Take " + context.plan().nameOf(id).orElse("the bed") + " off the list of " + set.name(),
                Put.of(set.without(id, context.season()))));
        return remedies;
    }

    /** In the seasons only in which the bed is there, if there are any. */
    private Optional<Remedy> whileItStands(HoopSet set, UUID id) {
        return context.plan().beds().stream()
                .filter(bed -> bed.id().equals(id))
                .findFirst()
                .flatMap(bed -> BedPlace.whileItStands(set.places(), bed, context.season()))
                .map(set::withPlaces)
                .map(limited -> new Remedy("Put it there only while the bed stands", Put.of(limited)));
    }

    /** As high as half the bed's width, which its pipe bears if it bears anything there. */
    private Optional<Remedy> longer(HoopSet set, StandingBed bed) {
        Length half = HoopFit.span(bed.revision(), set.pipe()).half();
        return half.compareTo(HoopSet.LOWEST) >= 0 && half.compareTo(HoopSet.HIGHEST) <= 0
                ? Optional.of(new Remedy(
                        "Cut longer bows, " + length(half) + " high over the widest bed", Put.of(set.withRise(half))))
                : Optional.empty();
    }

    private Snag tooTight(HoopSet set, HoopsOverBed over) {
        return Snag.of(
                        HoopRule.HOOP_TOO_TIGHT,
                        Weight.SERIOUS,
                        "Over " + context.name(over.bed()) + " the bows of " + set.name() + " are bent to a radius of "
                                + length(over.tightest()) + ": " + set.pipe().label() + " bears "
                                + length(set.pipe().tightest()) + ".",
                        Optional.of(context.bed(over.bed()).outline().centre()),
                        List.of(over.bed()),
                        List.of(),
                        context.remedies(() -> gentler(set)))
                .about(context.ref(set.id()))
                .by(set.pipe().tightest().minus(over.tightest()).metres());
    }

    private List<Remedy> gentler(HoopSet set) {
        Stream<Remedy> forms = Arrays.stream(BowForm.values())
                .filter(form -> form != set.form())
                .map(set::withForm)
                .filter(this::bears)
                .map(other ->
                        new Remedy("Bend the bows otherwise: " + other.form().label(), Put.of(other)));
        Stream<Remedy> pipes = Arrays.stream(HoopPipe.values())
                .filter(pipe -> pipe != set.pipe())
                .map(set::withPipe)
                .filter(this::bears)
                .map(other -> new Remedy("Take " + other.pipe().label(), Put.of(other)));
        return Stream.of(forms, lower(set).stream(), pipes, over(set))
                .flatMap(some -> some)
                .toList();
    }

    /** The highest that the pipe bears over all its beds, lower than it is. */
    private Optional<Remedy> lower(HoopSet set) {
        Length highest = study.over(set, HoopFit.of(context.plan(), set)).stream()
                .map(HoopsOverBed::rise)
                .max(Comparator.naturalOrder())
                .orElse(Length.ZERO);
        return Stream.iterate(
                        context.wording().tidyDown(Length.min(highest, HoopSet.HIGHEST)),
                        rise -> rise.compareTo(HoopSet.LOWEST) >= 0,
                        rise -> context.wording().stepDown(rise))
                .map(set::withRise)
                .filter(this::bears)
                .findFirst()
                .map(other ->
                        new Remedy("Make the bows " + length(other.rise().orElseThrow()) + " high", Put.of(other)));
    }

    /** Without the beds over which they are too tight. */
    private Stream<Remedy> over(HoopSet set) {
        List<HoopsOverBed> all = study.over(set, HoopFit.of(context.plan(), set));
        return all.stream()
                .filter(bed -> bed.bentTighterThan(set.pipe().tightest()))
                .map(bed -> new Remedy(
                        "Take " + context.name(bed.bed()) + " off the list of " + set.name(),
                        Put.of(set.without(bed.bed(), context.season()))));
    }

    private boolean bears(HoopSet set) {
        return study.over(set, HoopFit.of(context.plan(), set)).stream()
                .noneMatch(bed -> bed.bentTighterThan(set.pipe().tightest()));
    }

    private Stream<Snag> twice() {
        return context.standing().stream().flatMap(bed -> {
            List<HoopSet> over = sets.stream()
                    .filter(set -> set.beds(context.season()).anyMatch(bed.id()::equals))
                    .toList();
            return over.size() < 2 ? Stream.empty() : Stream.of(twice(bed, over.get(0), over.get(1)));
        });
    }

    private Snag twice(StandingBed bed, HoopSet one, HoopSet other) {
        return Snag.of(
                        HoopRule.HOOPS_TWICE,
                        Weight.WARNING,
                        one.name() + " and " + other.name() + " are both to stand over " + bed.name() + " in "
                                + context.season() + ".",
                        Optional.of(bed.outline().centre()),
                        List.of(bed.id()),
                        List.of(),
                        context.remedies(() -> Stream.of(one, other)
                                .map(set -> new Remedy(
                                        "Take " + bed.name() + " off the list of " + set.name(),
                                        Put.of(set.without(bed.id(), context.season()))))
                                .toList()))
                .about(context.ref(one.id()));
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
