package fairacre.compost;

import fairacre.judging.Moves;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.shape.FreeGround;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * Beds further from compost bays than the gardener wants to go: by the shortest way from any side of the bays. Beds
 * that no way leads to are told by other rules.
 */
final class FarSnags {

    private final SnagContext context;

    FarSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        return context.plan().list(CompostKinds.BAYS).stream()
                .filter(bays -> bays.lifetime().includes(context.season()))
                .flatMap(bays -> bays.within().flatMap(within -> far(walks, bays, within)).stream())
                .toList();
    }

    private Optional<Snag> far(WalkStudy walks, CompostBays bays, Length within) {
        Map<UUID, Length> lengths =
                CompostStudy.of(context.plan(), context.standing(), walks).routeLengths(bays);
        List<StandingBed> far = context.standing().stream()
                .filter(bed -> lengths.getOrDefault(bed.id(), Length.ZERO).compareTo(within) > 0)
                .sorted(Comparator.comparing((StandingBed bed) -> lengths.get(bed.id()))
                        .reversed())
                .toList();
        if (far.isEmpty()) {
            return Optional.empty();
        }
        Length furthest = lengths.get(far.get(0).id());
        String words = far.get(0).name() + " is " + context.wording().length(furthest) + " from " + bays.name()
                + (far.size() == 1 ? "" : ", and " + Wording.named(far.subList(1, far.size())) + " too far as well")
                + ": you want to go " + context.wording().length(within) + " at most.";
        return Optional.of(Snag.of(
                        CompostRule.COMPOST_FAR,
                        Weight.NOTE,
                        words,
                        Optional.of(far.get(0).outline().centre()),
                        far.stream().map(StandingBed::id).sorted().toList(),
                        List.of(),
                        context.remedies(() -> remedies(bays, within, furthest)))
                .about(context.ref(bays.id()))
                .by(furthest.metres()));
    }

    private List<Remedy> remedies(CompostBays bays, Length within, Length furthest) {
        List<Remedy> remedies = new ArrayList<>();
        nearer(bays, within).ifPresent(remedies::add);
        Length allowed = context.wording().tidyUp(furthest);
        remedies.add(
                allowed.compareTo(CompostBays.FURTHEST) <= 0
                        ? new Remedy("Go as far as " + context.wording().length(allowed), Put.of(bays.wanted(allowed)))
                        : new Remedy("Go as far as it is", Put.of(bays.unlimited())));
        return remedies;
    }

    /** To the nearest place from which no bed is too far, and where nothing else is in the way. */
    private Optional<Remedy> nearer(CompostBays bays, Length within) {
        return Moves.of(context.wording(), Moves.STEP, (dx, dy) -> Put.of(bays.shifted(dx, dy)))
                .filter(move -> couldDo(move.change(), within))
                .limit(Moves.MOST_TRIED)
                .filter(move -> isNear(move.change(), within) && context.isSound(move.change()))
                .findFirst()
                .map(move -> move.remedy(bays.name()));
    }

    private boolean couldDo(Put<CompostBays> change, Length within) {
        return FreeGround.hasRoomFor(change.thing().standing(), context.setting(), context.standing())
                && CompostStudy.isNearByAir(context.plan(), context.standing(), change.thing(), within);
    }

    private boolean isNear(Put<CompostBays> change, Length within) {
        Plan after = context.plan().apply(change).orThrow();
        WalkStudy walks = WalkStudy.of(after.setting(context.season()), context.standing(), context.trials());
        Map<UUID, Length> lengths =
                CompostStudy.of(after, context.standing(), walks).routeLengths(change.thing());
        return context.standing().stream()
                .allMatch(bed ->
                        lengths.containsKey(bed.id()) && lengths.get(bed.id()).compareTo(within) <= 0);
    }
}
