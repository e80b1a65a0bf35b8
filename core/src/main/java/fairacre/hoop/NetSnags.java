package fairacre.hoop;

import fairacre.fence.FenceKinds;
import fairacre.fence.Pest;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Nets over hoops that let through what is to be kept off, or catch what isn't. */
final class NetSnags {

    /** A mesh that no finger goes through catches no animal. */
    private static final Length HARMLESS = Length.millimetres(5);

    private final SnagContext context;

    NetSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        return HoopKinds.sets(context.plan(), context.season()).stream()
                .filter(set -> !covered(set).isEmpty())
                .flatMap(set -> Stream.concat(tooWide(set).stream(), catches(set).stream()))
                .toList();
    }

    private List<StandingBed> covered(HoopSet set) {
        return HoopFit.covered(context.plan(), set, context.season()).toList();
    }

    /** What flies in and needs a finer mesh. */
    private Optional<Snag> tooWide(HoopSet set) {
        return set.cover()
                .mesh()
                .flatMap(mesh -> FenceKinds.pests(context.plan(), context.season()).stream()
                        .filter(pest -> pest.kind()
                                .net()
                                .filter(net -> net.compareTo(mesh) < 0)
                                .isPresent())
                        .min(Comparator.comparing(
                                (Pest pest) -> pest.kind().net().orElseThrow()))
                        .map(pest -> snag(
                                HoopRule.NET_TOO_WIDE,
                                set,
                                pest.name() + " get through the net of " + set.name() + ": its mesh is "
                                        + millimetres(mesh) + ", and "
                                        + millimetres(pest.kind().net().orElseThrow()) + " keep them off.",
                                finer(pest.kind().net().orElseThrow()))));
    }

    private Optional<Snag> catches(HoopSet set) {
        return set.cover()
                .mesh()
                .filter(mesh -> mesh.compareTo(HARMLESS) > 0)
                .map(mesh -> snag(
                        HoopRule.NET_CATCHES,
                        set,
                        "Birds, snakes and hedgehogs get caught in the net of " + set.name() + ": its mesh is "
                                + millimetres(mesh) + ". Stretch it taut and look every day, or take a finer one.",
                        finer(HARMLESS)));
    }

    private Snag snag(HoopRule rule, HoopSet set, String words, Stream<HoopCover> covers) {
        List<StandingBed> beds = covered(set);
        return Snag.of(
                        rule,
                        rule == HoopRule.NET_CATCHES ? Weight.NOTE : Weight.WARNING,
                        words,
                        Optional.of(beds.get(0).outline().centre()),
                        beds.stream().map(StandingBed::id).sorted().toList(),
                        List.of(),
                        context.remedies(() -> covers.map(cover -> new Remedy(
                                        "Take " + cover.label().toLowerCase(Locale.ROOT), Put.of(set.withCover(cover))))
                                .toList()))
                .about(context.ref(set.id()));
    }

    /** Nets with a mesh of so much at most that catch nothing, the widest first: it gives the most air. Then fleece. */
    private static Stream<HoopCover> finer(Length most) {
        Length widest = Length.min(most, HARMLESS);
        return Stream.concat(
                Arrays.stream(HoopCover.values())
                        .filter(cover -> cover.mesh()
                                .filter(mesh -> mesh.compareTo(widest) <= 0)
                                .isPresent())
                        .sorted(Comparator.comparing(
                                        (HoopCover cover) -> cover.mesh().orElseThrow())
                                .reversed()),
                Stream.of(HoopCover.FLEECE));
    }

    private static String millimetres(Length mesh) {
        return String.format(Locale.ROOT, mesh.millimetres() % 1 == 0 ? "%.0f mm" : "%.1f mm", mesh.millimetres());
    }
}
