package fairacre.fence;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A make of fence that holds against all of some pests.
 *
 * @param height above the ground
 */
record FittingFence(FenceKind kind, Length height, FenceFoot foot) {

    /** What a garden fence is where nothing asks for more: 4 ft. */
    private static final Length USUAL = Length.feet(4);

    private static final Length IN_METRES = Length.metres(1.2);
    /** Mesh of a foot that nothing digs under is let in so far, so that it stays down. */
    private static final Length SUNK = Length.inches(2);

    /**
     * Makes that hold against what comes on foot in a season, from the cheapest mesh on; without pests a fence of the
     * usual height.
     */
    static List<FittingFence> all(Plan plan, int season) {
        return all(plan, needs(plan, season));
    }

    /** The same against what takes so much. */
    static List<FittingFence> all(Plan plan, List<Needs> needs) {
        return Arrays.stream(FenceKind.values())
                .filter(FenceKind::meshed)
                .flatMap(kind -> of(plan, kind, needs).stream())
                .sorted(Comparator.comparingDouble(make -> make.mesh(plan.units())))
                .toList();
    }

    /** Of one kind, against what comes on foot in a season; empty if that kind can't hold against it. */
    static Optional<FittingFence> of(Plan plan, int season, FenceKind kind) {
        return of(plan, kind, needs(plan, season));
    }

    private static List<Needs> needs(Plan plan, int season) {
        return FenceKinds.pests(plan, season).stream()
                .flatMap(pest -> pest.needs(plan.units()).stream())
                .toList();
    }

    private static Optional<FittingFence> of(Plan plan, FenceKind kind, List<Needs> needs) {
        Length snow = FenceKinds.snow(plan);
        Length height = needs.stream()
                .map(Needs::height)
                .reduce(Length.ZERO, Length::max)
                .plus(snow);
        return foot(kind, needs)
                .map(foot -> new FittingFence(kind, Length.max(height, usual(plan.units())), foot))
                .filter(make -> make.height.compareTo(Fence.HIGHEST) <= 0)
                .filter(make -> needs.stream().allMatch(each -> make.holds(each, snow)));
    }

    /** The height of a fence where nothing asks for more. */
    static Length usual(Units units) {
        return units == Units.METRIC ? IN_METRES : USUAL;
    }

    private boolean holds(Needs needs, Length snow) {
        return FenceHold.flaws(kind, height, foot, FootSoil.NONE, needs, snow).isEmpty();
    }

    private double mesh(Units units) {
        return FenceRolls.tiers(kind.rollHeights(units), height).stream()
                        .mapToDouble(Length::metres)
                        .sum()
                * FencePrices.perSquareMetre(kind);
    }

    /** What the foot of a kind of fence has to be; empty if no mesh is fine enough. */
    static Optional<FenceFoot> foot(FenceKind kind, List<Needs> needs) {
        List<Needs> fine = needs.stream()
                .filter(each -> each.digs()
                        || each.meshed().isPositive() && kind.opening().compareTo(each.mesh()) > 0)
                .toList();
        if (fine.isEmpty()) {
            return Optional.of(FenceFoot.OPEN);
        }
        Length widest = fine.stream().map(Needs::mesh).reduce(Length::min).orElseThrow();
        Length up = fine.stream()
                .filter(each -> kind.opening().compareTo(each.mesh()) > 0)
                .map(Needs::meshed)
                .reduce(Length.ZERO, Length::max);
        boolean flat =
                fine.stream().filter(Needs::digs).allMatch(each -> each.apron().isPositive());
        Length down = fine.stream().map(flat ? Needs::apron : Needs::buried).reduce(Length.ZERO, Length::max);
        return Stream.of(FenceFoot.Mesh.values())
                .filter(mesh -> mesh.opening().compareTo(widest) <= 0)
                .findFirst()
                .map(mesh -> new FenceFoot(
                        flat && down.isPositive() ? FenceFoot.Way.APRON : FenceFoot.Way.BURIED,
                        Optional.of(mesh),
                        up,
                        down.isPositive() ? down : SUNK));
    }

    /**
     * The cheapest mesh that holds against what comes on foot in a season, if it stands in raised beds with a foot that
     * is let into their soil; empty if nothing that comes digs.
     *
     * @param soil how high the beds are
     */
    static Optional<FittingFence> inBeds(Plan plan, int season, Length soil) {
        Length down = deepest(plan, season);
        return all(plan, season).stream()
                .filter(make -> down.isPositive() && make.foot.mesh().isPresent())
                .findFirst()
                .map(make -> new FittingFence(
                        make.kind,
                        make.height.plus(soil),
                        new FenceFoot(FenceFoot.Way.BED, make.foot.mesh(), make.foot.up(), down)))
                .filter(make -> make.height.compareTo(Fence.HIGHEST) <= 0);
    }

    /** How deep what comes on foot in a season digs; zero if nothing does. */
    static Length deepest(Plan plan, int season) {
        return needs(plan, season).stream().map(Needs::buried).reduce(Length.ZERO, Length::max);
    }

    /** The same fence of this make. */
    Fence applied(Fence fence) {
        return fence.of(kind).high(height).on(foot);
    }
}
