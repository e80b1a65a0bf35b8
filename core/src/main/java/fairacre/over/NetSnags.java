package fairacre.over;

import fairacre.fence.FenceKinds;
import fairacre.fence.Pest;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.parts.Parts;
import fairacre.plan.StandingBed;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Nets over beds that let through what is to be kept off, or catch what isn't. */
final class NetSnags {

    /** A mesh that no finger goes through catches no animal. */
    private static final Length HARMLESS = Length.millimetres(5);

    private final SnagContext context;

    NetSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        return Parts.bringing(FabricSource.class).stream()
                .flatMap(source -> source.laid(context.plan(), context.season()))
                .filter(laid -> !covered(laid).isEmpty())
                .flatMap(laid -> Stream.concat(tooWide(laid).stream(), catches(laid).stream()))
                .toList();
    }

    private List<StandingBed> covered(FabricSource.Laid laid) {
        return context.standing().stream()
                .filter(bed -> laid.beds().contains(bed.id()))
                .toList();
    }

    /** What flies in and needs a finer mesh. */
    private Optional<Snag> tooWide(FabricSource.Laid laid) {
        return laid.fabric()
                .mesh()
                .flatMap(mesh -> FenceKinds.pests(context.plan(), context.season()).stream()
                        .filter(pest -> pest.kind()
                                .net()
                                .filter(net -> net.compareTo(mesh) < 0)
                                .isPresent())
                        .min(Comparator.comparing(
                                (Pest pest) -> pest.kind().net().orElseThrow()))
                        .map(pest -> snag(
                                OverRule.NET_TOO_WIDE,
                                laid,
                                pest.name() + " get through the net of " + laid.name() + ": its mesh is "
                                        + millimetres(mesh) + ", and "
                                        + millimetres(pest.kind().net().orElseThrow()) + " keep them off.",
                                finer(pest.kind().net().orElseThrow()))));
    }

    private Optional<Snag> catches(FabricSource.Laid laid) {
        return laid.fabric()
                .mesh()
                .filter(mesh -> mesh.compareTo(HARMLESS) > 0)
                .map(mesh -> snag(
                        OverRule.NET_CATCHES,
                        laid,
                        "Birds, snakes and hedgehogs get caught in the net of " + laid.name() + ": its mesh is "
                                + millimetres(mesh) + ". Stretch it taut and look every day, or take a finer one.",
                        finer(HARMLESS)));
    }

    private Snag snag(OverRule rule, FabricSource.Laid laid, String words, Stream<Fabric> covers) {
        List<StandingBed> beds = covered(laid);
        return Snag.of(
                        rule,
                        rule == OverRule.NET_CATCHES ? Weight.NOTE : Weight.WARNING,
                        words,
                        Optional.of(beds.get(0).outline().centre()),
                        beds.stream().map(StandingBed::id).sorted().toList(),
                        List.of(),
                        context.remedies(() -> covers.map(cover -> new Remedy(
                                        "Take " + cover.label().toLowerCase(Locale.ROOT),
                                        laid.with().apply(cover)))
                                .toList()))
                .about(context.ref(laid.thing()));
    }

    /** Nets with a mesh of so much at most that catch nothing, the widest first: it gives the most air. Then fleece. */
    private static Stream<Fabric> finer(Length most) {
        Length widest = Length.min(most, HARMLESS);
        return Stream.concat(
                Arrays.stream(Fabric.values())
                        .filter(cover -> cover.mesh()
                                .filter(mesh -> mesh.compareTo(widest) <= 0)
                                .isPresent())
                        .sorted(Comparator.comparing(
                                        (Fabric cover) -> cover.mesh().orElseThrow())
                                .reversed()),
                Stream.of(Fabric.FLEECE));
    }

    private static String millimetres(Length mesh) {
        return String.format(Locale.ROOT, mesh.millimetres() % 1 == 0 ? "%.0f mm" : "%.1f mm", mesh.millimetres());
    }
}
