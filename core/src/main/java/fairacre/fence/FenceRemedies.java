package fairacre.fence;

import fairacre.build.Frame;
import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.judging.Wording;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.plan.Swing;
import fairacre.plan.Things;
import fairacre.plan.WayIn;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;

/** What would keep a pest out; the last of all is to live with it. */
final class FenceRemedies {

    private final SnagContext context;

    FenceRemedies(SnagContext context) {
        this.context = context;
    }

    /** Where nothing stands round the beds. */
    List<Remedy> ofNothing(Pest pest) {
        List<Remedy> remedies = new ArrayList<>();
        new FenceLines(context.plan(), context.season(), what -> id(context.season() + what))
                .alongThePlot()
                .map(line -> new Remedy("Put a fence along the plot's edge", line.change()))
                .filter(remedy -> context.isSound(remedy.change()))
                .ifPresent(remedies::add);
        remedies.add(liveWith(pest));
        return remedies;
    }

    private static UUID id(String what) {
        return UUID.nameUUIDFromBytes(what.getBytes(StandardCharsets.UTF_8));
    }

    List<Remedy> of(Pest pest, PestRow.Hole hole, FenceFlaw flaw) {
        Optional<Fence> fence = context.plan().list(FenceKinds.FENCES).stream()
                .filter(each -> each.id().equals(hole.thing()))
                .findFirst();
        Optional<WayIn> gate = context.setting().gates().stream()
                .filter(each -> each.id().equals(hole.thing()))
                .findFirst();
        Stream<Remedy> remedies = gate.map(each -> ofGate(each, flaw))
                .or(() -> fence.map(each -> ofFence(each, pest, hole, flaw)))
                .orElseGet(() -> ofFeature(pest, hole, flaw));
        return Stream.concat(remedies, Stream.of(liveWith(pest))).toList();
    }

    private static Remedy liveWith(Pest pest) {
        return new Remedy("Live with " + pest.name(), new Remove<>(FenceKinds.PESTS, pest.id()));
    }

    private Stream<Remedy> ofGate(WayIn gate, FenceFlaw flaw) {
        return switch (flaw.reason()) {
            case NO_GATE -> Stream.of(new Remedy("Hang a gate in " + gate.name(), Put.of(hung(gate))));
            case TOO_LOW ->
                gate.leaf().stream()
                        .flatMap(leaf ->
                                higher(gate.name(), flaw.wants(), wants -> Put.of(gate.hung(leaf.high(wants)))));
            case GATE_GAP -> gate.leaf().stream().flatMap(leaf -> closedBelow(gate, leaf, flaw.wants()));
            default -> Stream.empty();
        };
    }

    /** Hung lower, or with a board across the ground below it. */
    private Stream<Remedy> closedBelow(WayIn gate, WayIn.Leaf leaf, Length gap) {
        Length lower = context.wording().tidyDown(gap).plus(gate.sill());
        return Stream.of(
                new Remedy(
                        "Hang " + gate.name() + " " + context.wording().length(lower) + " above the ground",
                        Put.of(gate.hung(leaf.cleared(lower)))),
                new Remedy(
                        "Lay a board " + context.wording().length(leaf.clearance()) + " high below " + gate.name(),
                        Put.of(gate.withSill(leaf.clearance()))));
    }

    private static WayIn hung(WayIn gate) {
        return gate.withSwing(Swing.INWARD);
    }

    private Stream<Remedy> ofFence(Fence fence, Pest pest, PestRow.Hole hole, FenceFlaw flaw) {
        return switch (flaw.reason()) {
            case TOO_LOW -> raised(fence, flaw.wants());
            case MESH_TOO_WIDE, FOOT_OPEN, OUT_OF_BEDS -> Stream.concat(meshed(fence, pest), rehung(fence));
            case FOOT_TOO_SHORT ->
                Stream.of(raisedBeds(fence, flaw.wants()), meshed(fence, pest), rehung(fence))
                        .flatMap(each -> each);
            case FOOTHOLDS, ONLY_STRING -> rehung(fence);
            case GAP -> joined(fence, hole.place());
            case NO_GATE, GATE_GAP, NOT_KNOWN -> Stream.empty();
        };
    }

    private Stream<Remedy> raised(Fence fence, Length wants) {
        return higher(fence.name(), wants, height -> Put.of(fence.high(height)));
    }

    private Stream<Remedy> higher(String name, Length wants, Function<Length, Change> raise) {
        Length height = context.wording().tidyUp(wants);
        return height.compareTo(Fence.HIGHEST) > 0
                ? Stream.empty()
                : Stream.of(new Remedy(
                        "Make " + name + " " + context.wording().length(height) + " high", raise.apply(height)));
    }

    /** A finer foot, as deep and high as this pest and all others that it holds against ask for. */
    private Stream<Remedy> meshed(Fence fence, Pest pest) {
        List<Needs> needs = Stream.concat(
                        pest.needs(context.plan().units()).stream(),
                        FenceKinds.pests(context.plan(), context.season()).stream()
                                .flatMap(each -> each.needs(context.plan().units()).stream())
                                .filter(each -> FenceHold.flaws(
                                                fence,
                                                soil(fence),
                                                each,
                                                FenceKinds.snow(context.plan()),
                                                context.season())
                                        .isEmpty()))
                .toList();
        return FittingFence.foot(fence.kind(), needs)
                .filter(foot -> foot.mesh().isPresent())
                .map(foot -> new Remedy(footWords(fence, foot), Put.of(fence.on(foot))))
                .stream();
    }

    private FootSoil soil(Fence fence) {
        return FootSoil.of(fence, context.setting(), context.standing());
    }

    /** The beds that a fence stands in built higher, with more courses, and the fence by as much. */
    private Stream<Remedy> raisedBeds(Fence fence, Length wants) {
        if (fence.foot().way() != FenceFoot.Way.BED) {
            return Stream.empty();
        }
        List<StandingBed> low = FootSoil.beds(fence, context.setting(), context.standing()).stream()
                .filter(bed -> bed.revision().holding().compareTo(wants) < 0)
                .toList();
        Length grown = Length.ZERO;
        List<Change> changes = new ArrayList<>();
        for (StandingBed bed : low) {
            Frame frame = bed.frame().orElse(null);
            Frame higher = frame == null ? null : frame.atLeast(wants).orElse(null);
            if (higher == null) {
                return Stream.empty();
            }
            grown = Length.max(grown, higher.height().minus(frame.height()));
            changes.add(new Change.RebuildBed(bed.id(), bed.revision().withFrame(Optional.of(higher))));
        }
        FenceFoot foot = fence.foot();
        FenceFoot deeper = new FenceFoot(foot.way(), foot.mesh(), foot.up(), Length.max(foot.down(), wants));
        Length height = fence.height().plus(grown);
        if (height.compareTo(Fence.HIGHEST) > 0) {
            return Stream.empty();
        }
        changes.add(Put.of(fence.high(height).on(deeper)));
        String words = low.isEmpty()
                ? "Let the mesh of " + fence.name() + " " + context.wording().length(wants) + " into the soil"
                : "Build " + Wording.named(low) + " " + context.wording().length(wants) + " high or more, and "
                        + fence.name() + " with it";
        return Stream.of(new Remedy(words, new Change.Batch(words, changes)));
    }

    private String footWords(Fence fence, FenceFoot foot) {
        String down = context.wording().length(foot.down());
        String what = "Put " + foot.mesh().orElseThrow().label().toLowerCase(Locale.ROOT) + " at the foot of "
                + fence.name() + ", ";
        String up = foot.up().isPositive() ? context.wording().length(foot.up()) + " high and " : "";
        return what + up + (foot.way() == FenceFoot.Way.APRON ? down + " flat outwards" : down + " into the ground");
    }

    /** Another mesh, as high and with such a foot as all pests ask for, from the cheapest on. */
    private Stream<Remedy> rehung(Fence fence) {
        return FittingFence.all(context.plan(), context.season()).stream()
                .filter(make -> make.kind() != fence.kind())
                .map(make -> new Remedy(
                        "Make " + fence.name() + " of " + lower(make.kind().label()) + ", "
                                + context.wording().length(make.height()) + " high"
                                + (make.foot().mesh().isPresent() ? " with a closed foot" : ""),
                        Put.of(make.applied(fence)
                                .with(fence.posts() == PostKind.CANES ? PostKind.DRIVEN_STEEL : fence.posts()))))
                .limit(2);
    }

    private static String lower(String label) {
        return label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
    }

    /** The end goes on to the nearest thing that closes the ring. */
    private Stream<Remedy> joined(Fence fence, Point end) {
        List<Point> places = fence.places();
        boolean first = places.get(0).equals(end);
        Point other = first ? places.get(places.size() - 1) : places.get(0);
        Optional<Point> joint = FenceStudy.of(context.plan(), context.season(), context.standing(), context.memo())
                .barriers()
                .joint(fence.id(), end)
                .filter(place -> place.distance(end).compareTo(other.distance(end)) < 0)
                .or(() -> Optional.of(other));
        return joint
                .flatMap(place -> first ? fence.beginningAt(place) : fence.goingOnTo(place))
                .map(longer -> new Remedy("Lead " + fence.name() + " on until it meets", Put.of(longer)))
                .stream();
    }

    /** A wall is raised; on what is too coarse or not known netting is hung, or a fence that will do replaces it. */
    private Stream<Remedy> ofFeature(Pest pest, PestRow.Hole hole, FenceFlaw flaw) {
        Optional<Feature> there = context.plan().features().stream()
                .filter(feature -> feature.id().equals(hole.thing()))
                .findFirst();
        Stream<Remedy> raised = there.stream()
                .filter(feature -> flaw.wants().isPositive())
                .map(feature -> new Remedy(
                        (feature.height().isPositive()
                                        ? "Make " + feature.name() + " "
                                        : "Note that " + feature.name() + " is ")
                                + context.wording().length(flaw.wants()) + " high",
                        Put.of(feature.withHeight(flaw.wants()))));
        return Stream.of(
                        raised,
                        there.stream().flatMap(feature -> netted(feature, pest)),
                        there.stream().flatMap(this::replaced))
                .flatMap(each -> each);
    }

    /** Netting on the posts of a kept fence, as high and with such a foot as a small pest asks for. */
    private Stream<Remedy> netted(Feature feature, Pest pest) {
        Optional<Needs> small = pest.needs(context.plan().units())
                .filter(needs -> needs.meshed().isPositive() && feature.kind() == FeatureKind.FENCE);
        return small
                .flatMap(needs -> FittingFence.foot(FenceKind.RABBIT_NETTING, List.of(needs))
                        .map(foot -> netting(feature, needs, foot)))
                .filter(netting -> FenceHold.flaws(
                                netting,
                                FootSoil.NONE,
                                small.orElseThrow(),
                                FenceKinds.snow(context.plan()),
                                context.season())
                        .isEmpty())
                .map(netting -> new Remedy(
                        "Hang " + lower(netting.kind().label()) + ", "
                                + context.wording().length(netting.height()) + " high, on " + feature.name()
                                + (netting.foot().mesh().isPresent() ? " and close its foot" : ""),
                        Put.of(netting)))
                .stream();
    }

    private Fence netting(Feature feature, Needs needs, FenceFoot foot) {
        Length height = Length.max(needs.height().plus(FenceKinds.snow(context.plan())), Fence.LOWEST);
        return new Fence(
                id("netting on " + feature.id()),
                Limits.shortened(feature.name(), " netting"),
                feature.places(),
                FenceKind.RABBIT_NETTING,
                height,
                foot,
                PostKind.EXISTING,
                List.of(),
                Lifetime.from(context.season()));
    }

    private Stream<Remedy> replaced(Feature feature) {
        if (feature.kind() != FeatureKind.FENCE) {
            return Stream.empty();
        }
        return FittingFence.all(context.plan(), context.season()).stream()
                .limit(1)
                .map(make -> new Remedy(
                        "Put " + lower(make.kind().label()) + ", "
                                + context.wording().length(make.height()) + " high, in the place of " + feature.name(),
                        new Change.Batch(
                                "Fence in place of another",
                                List.of(
                                        gone(feature),
                                        Put.of(new Fence(
                                                id("in the place of " + feature.id()),
                                                feature.name(),
                                                feature.places(),
                                                make.kind(),
                                                make.height(),
                                                make.foot(),
                                                PostKind.WOOD_IN_CONCRETE,
                                                List.of(),
                                                Lifetime.from(context.season())))))));
    }

    private Change gone(Feature feature) {
        boolean came = feature.lifetime()
                .from()
                .filter(from -> from >= context.season())
                .isPresent();
        return came
                ? new Remove<>(Things.FEATURES, feature.id())
                : Put.of(feature.withLifetime(new Lifetime(feature.lifetime().from(), Optional.of(context.season()))));
    }
}
