package fairacre.arch;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.plan.Feature;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Arches that can't be bent, that don't stand in soil, or that one bumps one's head on. */
final class ArchSnags {

    private static final int FEW = 3;
    /** An arch from soil that is higher than a head rises so much at least. */
    private static final Length LOWEST = Length.metres(0.1);
    /** A panel that is as long as its feet are apart is too short as well: an extent is more than nothing. */
    private static final double MILLIMETRE = 0.001;

    private final SnagContext context;
    private final ArchStudy study;

    ArchSnags(SnagContext context) {
        this.context = context;
        this.study = ArchStudy.of(context.plan(), context.season(), context.standing());
    }

    List<Snag> find() {
        return ArchKinds.arches(context.plan(), context.season()).stream()
                .flatMap(arch -> {
                    ArchTold told = study.told(arch);
                    return Stream.of(tooShort(arch, told), offSoil(arch, told), tooLow(arch, told), blocked(arch))
                            .flatMap(Optional::stream);
                })
                .toList();
    }

    private Optional<Snag> tooShort(Arch arch, ArchTold told) {
        if (told.rise().isPresent()) {
            return Optional.empty();
        }
        Length needed = Headroom.panel(arch.span(), needed(arch));
        return Optional.of(snag(
                        ArchRule.ARCH_TOO_SHORT,
                        Weight.SERIOUS,
                        arch,
                        "The panel of " + arch.name() + " is " + length(arch.panel()) + " long, and its feet are "
                                + length(arch.span()) + " apart.",
                        () -> Stream.of(longer(arch, needed), Stream.of(takeDown(arch)))
                                .flatMap(some -> some)
                                .toList())
                .by(arch.span().minus(arch.panel()).metres() + MILLIMETRE));
    }

    private Optional<Snag> offSoil(Arch arch, ArchTold told) {
        if (told.beds().size() == 2) {
            return Optional.empty();
        }
        return Optional.of(snag(
                ArchRule.ARCH_OFF_SOIL,
                Weight.WARNING,
                arch,
                told.beds().isEmpty()
                        ? "In " + context.season() + " neither foot of " + arch.name() + ", " + length(arch.width())
                                + " wide, stands in the soil of a bed."
                        : "In " + context.season() + " a foot of " + arch.name() + ", " + length(arch.width())
                                + " wide, stands outside the soil of " + name(told) + " and of every other bed.",
                () -> Stream.concat(elsewhere(arch), Stream.of(takeDown(arch))).toList()));
    }

    private String name(ArchTold told) {
        return context.name(told.beds().get(0));
    }

    private Optional<Snag> tooLow(Arch arch, ArchTold told) {
        Length wanted = Headroom.wanted(context.plan());
        return told.headroom()
                .filter(headroom -> headroom.compareTo(wanted) < 0)
                .map(headroom -> snag(
                                ArchRule.ARCH_TOO_LOW,
                                Weight.WARNING,
                                arch,
                                arch.name() + " leaves " + length(headroom) + " of headroom: "
                                        + Headroom.tallest(context.plan())
                                                .map(gardener ->
                                                        gardener.name() + " stands " + length(wanted) + " tall.")
                                                .orElse(length(wanted) + " are wanted."),
                                () -> Stream.of(
                                                nearer(arch, told).stream(),
                                                longer(arch, Headroom.panel(arch.span(), needed(arch))),
                                                Stream.of(takeDown(arch)))
                                        .flatMap(some -> some)
                                        .toList())
                        .by(wanted.minus(headroom).metres()));
    }

    private Optional<Snag> blocked(Arch arch) {
        return blocking(arch)
                .map(feature -> snag(
                        ArchRule.ARCH_BLOCKED,
                        Weight.SERIOUS,
                        arch,
                        arch.name() + " runs through " + feature.name() + ".",
                        () -> Stream.concat(elsewhere(arch), Stream.of(takeDown(arch)))
                                .toList()));
    }

    private Optional<Feature> blocking(Arch arch) {
        return Headroom.bow(arch.panel(), arch.span())
                .flatMap(bow -> new ArchRoom(context.setting()).blocking(arch, bow, study.lower(arch)));
    }

    /** How high it has to rise above its feet. */
    private Length needed(Arch arch) {
        return Length.max(LOWEST, Headroom.wanted(context.plan()).minus(study.lower(arch)));
    }

    /** With its feet as far apart as gives enough headroom, if they stand in soil there. */
    private Optional<Remedy> nearer(Arch arch, ArchTold told) {
        return told.widest()
                .map(context.wording()::tidyDown)
                .filter(span -> span.compareTo(Arch.NEAREST) >= 0)
                .map(arch::withSpan)
                .filter(other -> study.told(other).beds().size() == 2)
                .map(other -> new Remedy("Set its feet " + length(other.span()) + " apart", Put.of(other)));
    }

    private Stream<Remedy> longer(Arch arch, Length needed) {
        Length panel = context.wording().tidyUp(needed);
        return panel.compareTo(Arch.LONGEST) > 0
                ? Stream.empty()
                : Stream.of(new Remedy("Take a panel " + length(panel) + " long", Put.of(arch.withPanel(panel))));
    }

    /** Between beds that lie opposite each other, the nearest first. */
    private Stream<Remedy> elsewhere(Arch arch) {
        Length wanted = Headroom.wanted(context.plan());
        return new ArchPlaces(study.soil(), arch.width())
                .all().stream()
                        .filter(place ->
                                Headroom.bow(arch.panel(), place.span()).isPresent())
                        .map(place -> new Moved(place, arch.withFeet(place.from(), place.to())))
                        .filter(moved -> study.told(moved.arch())
                                .headroom()
                                .filter(headroom -> headroom.compareTo(wanted) >= 0)
                                .isPresent())
                        .filter(moved -> blocking(moved.arch()).isEmpty())
                        .sorted(Comparator.comparing(moved ->
                                Arch.distance(arch.middle(), moved.arch().middle())))
                        .limit(FEW)
                        .map(moved -> new Remedy(
                                "Put it between " + moved.place().one().name() + " and "
                                        + moved.place().other().name(),
                                Put.of(moved.arch())));
    }

    private record Moved(ArchPlaces.Place place, Arch arch) {}

    private static Remedy takeDown(Arch arch) {
        return new Remedy("Take " + arch.name() + " down", new Remove<>(ArchKinds.ARCHES, arch.id()));
    }

    private Snag snag(ArchRule rule, Weight weight, Arch arch, String words, Supplier<List<Remedy>> remedies) {
        return Snag.of(
                        rule,
                        weight,
                        words,
                        Optional.of(arch.middle()),
                        List.of(),
                        List.of(),
                        context.remedies(remedies))
                .about(context.ref(arch.id()));
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
