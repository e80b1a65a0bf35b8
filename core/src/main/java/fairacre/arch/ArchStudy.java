package fairacre.arch;

import fairacre.ground.Levels;
import fairacre.hoop.Bow;
import fairacre.judging.Lazy;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import fairacre.plan.StandingBed;
import fairacre.reach.ReachPreset;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** How the arches of a season stand: {@link #told} tells it of each. */
public final class ArchStudy {

    /** A stiff panel of 16 ft x 50 in weighs about 35 lb (from memory). */
    public static final double KILOGRAMS_PER_SQUARE_METRE = 2.6;

    private final Plan plan;
    private final int season;
    private final Soil soil;
    private final Supplier<Optional<Levels>> levels;

    private ArchStudy(Plan plan, int season, List<StandingBed> standing) {
        this.plan = plan;
        this.season = season;
        this.soil = new Soil(standing);
        // Most gardens have no arch.
        this.levels = new Lazy<>(() -> Levels.of(plan.site().levels()));
    }

    public static ArchStudy of(Plan plan, int season, List<StandingBed> standing) {
        return new ArchStudy(plan, season, standing);
    }

    /** Of all arches of the season. */
    public List<ArchTold> told() {
        return ArchKinds.arches(plan, season).stream().map(this::told).toList();
    }

    ArchTold told(Arch arch) {
        Optional<Bow> bow = Headroom.bow(arch.panel(), arch.span());
        Optional<Length> rise = bow.map(Bow::rise);
        Length lower = lower(arch);
        boolean isWalkedThrough = !soil.isWithinOne(arch.from(), arch.to());
        return new ArchTold(
                arch.id(),
                arch.feet().stream()
                        .flatMap(foot -> soil.under(foot).stream())
                        .map(patch -> patch.bed().id())
                        .toList(),
                arch.span(),
                rise,
                isWalkedThrough ? rise.map(lower::plus) : Optional.empty(),
                isWalkedThrough ? bow.flatMap(bent -> picked(bent, lower)) : Optional.empty(),
                Headroom.widest(arch.panel(), Headroom.wanted(plan).minus(lower)),
                bow.map(Bow::places).orElse(List.of()),
                arch.feet(),
                kilograms(arch),
                bow.map(bent -> ArchWind.hold(arch, bent)));
    }

    static double kilograms(Arch arch) {
        return KILOGRAMS_PER_SQUARE_METRE * arch.panel().metres() * arch.width().metres();
    }

    private Optional<Length> picked(Bow bow, Length soil) {
        boolean sits = plan.gardeners().stream().anyMatch(gardener -> gardener.posture() == Posture.SEATED);
        Length above = ReachPreset.SEATED_HIGHEST.minus(soil);
        return sits ? Optional.of(above.isPositive() ? bow.lengthUpTo(above) : Length.ZERO) : Optional.empty();
    }

    /**
     * How high the lower of the soils stands in which its feet are, above the ground below its middle; the ground where
     * one is in none.
     */
    Length lower(Arch arch) {
        return Stream.of(0, 1)
                .map(foot -> soil.under(arch.feet().get(foot))
                        .map(Soil.Patch::top)
                        .orElse(Length.ZERO)
                        .minus(falls(arch, foot == 0 ? arch.from() : arch.to())))
                .reduce(Length::min)
                .orElse(Length.ZERO);
    }

    /** By how much the ground lies lower at a foot than below the middle; nothing where heights are not known. */
    private Length falls(Arch arch, Point foot) {
        return levels.get().map(ground -> ground.fall(arch.middle(), foot)).orElse(Length.ZERO);
    }

    Soil soil() {
        return soil;
    }
}
