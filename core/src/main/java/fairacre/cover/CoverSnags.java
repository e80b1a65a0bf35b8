package fairacre.cover;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.over.FabricSource;
import fairacre.parts.Parts;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Covers that don't stand on their beds, that can't be cut or lifted, or whose lids look away from the sun. */
final class CoverSnags {

    private static final double AWAY = 60;
    private static final double HAIR = 1e-3;
    /** Nearer to the equator the sun comes from either side. */
    private static final double TROPIC = 23.5;

    private final SnagContext context;
    private final CoverStudy study;
    private final List<BedCover> covers;

    CoverSnags(SnagContext context) {
        this.context = context;
        this.study = CoverStudy.of(context.plan(), context.season(), context.standing());
        this.covers = CoverKinds.covers(context.plan(), context.season());
    }

    List<Snag> find() {
        return Stream.concat(covers.stream().flatMap(this::ofCover), twice()).toList();
    }

    private Stream<Snag> ofCover(BedCover cover) {
        List<CoverOnBed> on = study.on(cover);
        Stream<Snag> misfits =
                on.stream().flatMap(bed -> bed.misfit().stream().map(why -> misfit(cover, bed.bed(), why)));
        Stream<Snag> away = on.stream()
                .filter(bed -> bed.off() > AWAY + HAIR)
                .filter(bed -> Math.abs(context.plan().site().latitude()) > TROPIC)
                .map(bed -> away(cover, bed));
        return Stream.of(misfits, away, noSheet(cover).stream(), heavy(cover).stream())
                .flatMap(each -> each);
    }

    private Snag misfit(BedCover cover, UUID id, CoverMisfit why) {
        Optional<StandingBed> bed = Optional.ofNullable(context.bed(id));
        String name = context.plan().nameOf(id).orElse("a bed that is gone");
        String words = switch (why) {
            case NO_BED ->
                cover.name() + " is to stand on " + name + ", which isn't there in " + context.season() + ".";
            case SHAPE ->
                cover.name() + " doesn't stand on " + name + ": it needs a bed with four corners and straight sides.";
            case SIZE ->
                cover.name() + " is " + size(cover.length(), cover.width()) + " outside, and " + name + " is "
                        + size(
                                bed.orElseThrow().outline().longerSide(),
                                bed.orElseThrow().outline().shorterSide())
                        + ".";
        };
        return snag(
                CoverRule.COVER_DOESNT_FIT,
                why == CoverMisfit.NO_BED ? Weight.WARNING : Weight.SERIOUS,
                words,
                cover,
                bed.stream().toList(),
                () -> misfitRemedies(cover, id, bed, why));
    }

    private String size(Length longer, Length shorter) {
        return length(longer) + " × " + length(shorter);
    }

    private List<Remedy> misfitRemedies(BedCover cover, UUID id, Optional<StandingBed> bed, CoverMisfit why) {
        List<Remedy> remedies = new ArrayList<>();
        if (why == CoverMisfit.NO_BED) {
            context.plan().beds().stream()
                    .filter(each -> each.id().equals(id))
                    .findFirst()
                    .flatMap(each -> BedPlace.whileItStands(cover.places(), each, context.season()))
                    .map(cover::withPlaces)
                    .ifPresent(limited ->
                            remedies.add(new Remedy("Put it there only while the bed stands", Put.of(limited))));
        }
        bed.filter(each -> why == CoverMisfit.SIZE)
                .flatMap(each -> sizedFor(cover, each))
                .ifPresent(sized -> remedies.add(new Remedy(
                        "Build it " + size(sized.length(), sized.width()) + ", "
                                + (sized.sections() == 1 ? "in one piece" : "in " + sized.sections() + " sections"),
                        Put.of(sized))));
        remedies.add(new Remedy(
                "Take " + context.plan().nameOf(id).orElse("the bed") + " off the list of " + cover.name(),
                Put.of(cover.without(id, context.season()))));
        return remedies;
    }

    private Optional<BedCover> sizedFor(BedCover cover, StandingBed bed) {
        return NewCovers.hasRoom(bed)
                ? Optional.of(CoverSections.tidy(
                        context.plan(),
                        cover.sized(bed.outline().longerSide(), bed.outline().shorterSide())))
                : Optional.empty();
    }

    private Snag away(BedCover cover, CoverOnBed on) {
        StandingBed bed = context.bed(on.bed());
        return snag(
                        CoverRule.COVER_TURNED_AWAY,
                        Weight.NOTE,
                        "On " + bed.name() + " the lids of " + cover.name() + " look "
                                + on.faces().orElseThrow() + ", "
                                + Math.round(on.off()) + "° off the sun at noon.",
                        cover,
                        List.of(bed),
                        () -> towardsTheSun(cover, on))
                .by(on.off() - AWAY);
    }

    /** On beds of its size that lie better and have no cover yet, in their order. */
    private List<Remedy> towardsTheSun(BedCover cover, CoverOnBed on) {
        return Stream.concat(
                        context.standing().stream()
                                .filter(bed -> covers.stream()
                                        .noneMatch(other ->
                                                other.beds(context.season()).anyMatch(bed.id()::equals)))
                                .filter(bed ->
                                        CoverFit.misfit(cover, bed.revision()).isEmpty())
                                .filter(bed -> CoverFacing.of(
                                                        bed.outline(),
                                                        context.plan().site())
                                                .off()
                                        <= AWAY)
                                .map(bed -> new Remedy("Put it on " + bed.name(), Put.of(moved(cover, on.bed(), bed)))),
                        Stream.of(new Remedy(
                                "Make a cloche of " + cover.name(),
                                Put.of(NewCovers.otherKind(context.plan(), cover, CoverKind.CLOCHE)))))
                .toList();
    }

    private BedCover moved(BedCover cover, UUID from, StandingBed to) {
        return cover.withPlaces(BedPlace.moved(cover.places(), from, to.id(), context.season()));
    }

    private Optional<Snag> noSheet(BedCover cover) {
        List<SheetPart> large = new CoverParts(context.plan(), cover).tooLarge();
        if (large.isEmpty()) {
            return Optional.empty();
        }
        SheetPart part = large.get(0);
        return Optional.of(snag(
                CoverRule.COVER_NO_SHEET,
                Weight.SERIOUS,
                "No sheet on sale is large enough for the part \"" + part.name() + "\", "
                        + size(part.length(), part.width()) + "; what can't be cut isn't on the bill.",
                cover,
                List.of(),
                () -> cuttable(cover)));
    }

    private List<Remedy> cuttable(BedCover cover) {
        Stream<Remedy> more =
                CoverSections.fewest(cover, cover.sections() + 1, each -> CoverSections.cut(context.plan(), each))
                        .map(this::inSections)
                        .stream();
        Stream<Remedy> panes = Arrays.stream(SheetGood.values())
                .filter(SheetGood::clear)
                .filter(pane -> pane != cover.pane())
                .map(pane -> cover.of(cover.walls(), pane))
                .filter(other -> CoverSections.cut(context.plan(), other))
                .map(other -> new Remedy("Take panes of " + good(other.pane()), Put.of(other)));
        return Stream.of(more, panes, Stream.of(without(cover)))
                .flatMap(each -> each)
                .toList();
    }

    private Optional<Snag> heavy(BedCover cover) {
        double kilograms = new CoverParts(context.plan(), cover).sectionKilograms();
        if (kilograms <= CoverSections.LIFTED) {
            return Optional.empty();
        }
        return Optional.of(snag(
                        CoverRule.COVER_HEAVY,
                        Weight.NOTE,
                        (cover.sections() == 1 ? "" : "Each section of ") + cover.name() + " weighs "
                                + context.wording().mass(kilograms) + ": more than one person should lift, "
                                + context.wording().mass(CoverSections.LIFTED) + ".",
                        cover,
                        List.of(),
                        () -> lighter(cover))
                .by(kilograms - CoverSections.LIFTED));
    }

    private List<Remedy> lighter(BedCover cover) {
        Stream<Remedy> more =
                CoverSections.fewest(cover, cover.sections() + 1, each -> CoverSections.light(context.plan(), each))
                        .map(this::inSections)
                        .stream();
        Stream<Remedy> thinner = Stream.of(SheetGood.PLYWOOD_12)
                .filter(walls -> cover.kind() == CoverKind.COLD_FRAME && walls != cover.walls())
                .map(walls -> cover.of(walls, cover.pane()))
                .filter(other -> CoverSections.light(context.plan(), other))
                .map(other -> new Remedy("Take walls of " + good(other.walls()), Put.of(other)));
        return Stream.concat(more, thinner).toList();
    }

    private Remedy inSections(BedCover cover) {
        return new Remedy(
                "Build it in " + cover.sections() + " sections, each " + length(cover.sectionLength()) + " long",
                Put.of(cover));
    }

    private String good(SheetGood good) {
        return good.label(context.plan().units()).toLowerCase(Locale.ROOT);
    }

    /** What is to lie over a bed, with the change that takes it off. */
    private record Over(UUID thing, String name, Change off) {}

    private Stream<Snag> twice() {
        List<FabricSource.Laid> laid = Parts.bringing(FabricSource.class).stream()
                .flatMap(source -> source.laid(context.plan(), context.season()))
                .toList();
        return covers.isEmpty()
                ? Stream.empty()
                : context.standing().stream().flatMap(bed -> {
                    List<Over> over = over(bed.id(), laid);
                    return over.size() < 2
                                    || covers.stream()
                                            .noneMatch(cover -> cover.id().equals(over.get(0).thing))
                            ? Stream.empty()
                            : Stream.of(twice(bed, over.get(0), over.get(1)));
                });
    }

    /** Covers first. */
    private List<Over> over(UUID bed, List<FabricSource.Laid> laid) {
        Stream<Over> ours = covers.stream()
                .filter(cover -> cover.beds(context.season()).anyMatch(bed::equals))
                .map(cover -> new Over(cover.id(), cover.name(), Put.of(cover.without(bed, context.season()))));
        Stream<Over> others = laid.stream()
                .filter(each -> covers.stream().noneMatch(cover -> cover.id().equals(each.thing())))
                .filter(each -> each.beds().contains(bed))
                .map(each -> new Over(each.thing(), each.name(), each.off().apply(bed)));
        return Stream.concat(ours, others).toList();
    }

    private Snag twice(StandingBed bed, Over one, Over other) {
        return Snag.of(
                        CoverRule.COVER_TWICE,
                        Weight.WARNING,
                        one.name + " and " + other.name + " are both to go over " + bed.name() + " in "
                                + context.season() + ".",
                        Optional.of(bed.outline().centre()),
                        List.of(bed.id()),
                        List.of(),
                        context.remedies(() -> Stream.of(one, other)
                                .map(each ->
                                        new Remedy("Take " + bed.name() + " off the list of " + each.name, each.off))
                                .toList()))
                .about(context.ref(one.thing));
    }

    private static Remedy without(BedCover cover) {
        return new Remedy("Do without " + cover.name(), new Remove<>(CoverKinds.COVERS, cover.id()));
    }

    private Snag snag(
            CoverRule rule,
            Weight weight,
            String words,
            BedCover cover,
            List<StandingBed> beds,
            Supplier<List<Remedy>> remedies) {
        return Snag.of(
                        rule,
                        weight,
                        words,
                        beds.stream().map(bed -> bed.outline().centre()).findFirst(),
                        beds.stream().map(StandingBed::id).toList(),
                        List.of(),
                        context.remedies(remedies))
                .about(context.ref(cover.id()));
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
