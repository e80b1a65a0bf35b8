package fairacre.trellis;

import fairacre.arch.Soil;
import fairacre.fence.PostKind;
import fairacre.judging.Wording;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.sun.SunHours;
import fairacre.sun.SunStudy;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

/** Trellises to begin with, and on which side of a bed one takes least sun. */
public final class NewTrellises {

    private NewTrellises() {}

    /**
     * A trellis that could be put up; it is not put up yet.
     *
     * @param side of the bed by the compass: "north"
     * @param hours of sun a day that it takes from all beds in the growing months
     * @param most bed that it takes most of; empty where it takes next to nothing
     */
    public record TrellisProposal(String side, Length length, double hours, Optional<UUID> most, Change change) {}

    /**
     * The trellis that one draws: a net 6 1/2 ft or 2 m high on wooden posts.
     *
     * @throws RefusedException if the places make no line
     */
    public static Put<Trellis> along(Plan plan, int season, List<Point> places, UUID id) {
        Units units = plan.units();
        boolean metric = units == Units.METRIC;
        return Put.of(new Trellis(
                id,
                Names.free(
                        plan.list(TrellisKinds.TRELLISES).stream()
                                .map(Trellis::name)
                                .toList(),
                        "Trellis"),
                places,
                TrellisKind.NETTING,
                metric ? Length.metres(2) : Length.feet(6.5),
                metric ? Length.metres(0.9) : Length.feet(3),
                TrellisKind.NETTING.usual(units),
                PostKind.WOOD_IN_GRAVEL,
                TrellisWind.SHELTERED,
                Lifetime.from(season)));
    }

    /**
     * Along each side of a bed, the one first that takes least sun.
     *
     * @throws RefusedException if the bed does not stand in the season
     */
    public static List<TrellisProposal> on(Plan plan, int season, UUID bed, Memo memo, Supplier<UUID> ids) {
        Soil.Patch patch = new Soil(plan.standing(season))
                .patches().stream()
                        .filter(each -> each.bed().id().equals(bed))
                        .findFirst()
                        .orElseThrow(() -> new RefusedException(
                                "bed", "there is no such bed in " + season, "choose a bed that stands then"));
        return TrellisSides.of(patch).stream()
                .map(side -> proposal(plan, season, side, memo, ids.get()))
                .sorted(Comparator.comparingDouble(TrellisProposal::hours))
                .toList();
    }

    private static TrellisProposal proposal(Plan plan, int season, TrellisSides.Side side, Memo memo, UUID id) {
        Put<Trellis> put = along(plan, season, side.places(), id);
        List<SunHours.Taken> taken = plan.apply(put) instanceof Outcome.Applied applied
                ? SunStudy.of(applied.plan(), season, memo).growing().takenBy(id)
                : List.of();
        return new TrellisProposal(
                Wording.quarter(side.outX(), side.outY(), plan.site().north()),
                side.from().distance(side.to()),
                taken.stream().mapToDouble(SunHours.Taken::hours).sum(),
                taken.stream().findFirst().map(SunHours.Taken::bed),
                put);
    }
}
