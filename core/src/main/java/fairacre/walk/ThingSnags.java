package fairacre.walk;

import fairacre.judging.Moves;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import fairacre.shape.FreeGround;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Taps, valves, hooks, compost and benches that somebody can't get to. */
final class ThingSnags {

    private static final Set<FeatureKind> WORKED =
            EnumSet.of(FeatureKind.TAP, FeatureKind.VALVE, FeatureKind.HOOK, FeatureKind.COMPOST, FeatureKind.BENCH);
    /** A tap or a hook goes into narrow places, metres. */
    private static final double STEP = 0.25;

    private final SnagContext context;

    ThingSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        CarrierStudy study = CarrierStudy.of(walks, context.standing());
        return context.setting().features().stream()
                .filter(thing -> WORKED.contains(thing.kind()))
                .map(thing -> shutOut(study, thing))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Snag> shutOut(CarrierStudy study, Feature thing) {
        List<Gardener> people = context.plan().gardeners();
        List<Gardener> without = people.stream()
                .filter(gardener -> !comesTo(study, gardener, thing))
                .toList();
        if (without.isEmpty()) {
            return Optional.empty();
        }
        boolean nobody = without.size() == people.size();
        String words = nobody
                ? "Nobody can get to " + thing.name() + "."
                : Wording.names(without.stream().map(Gardener::name).toList()) + " can't get to " + thing.name() + ".";
        return Optional.of(Snag.of(
                        WalkRule.THING_SHUT_OUT,
                        nobody ? Weight.WARNING : Weight.NOTE,
                        words,
                        Optional.of(middle(thing)),
                        List.of(),
                        without.stream().map(Gardener::id).toList(),
                        context.remedies(() -> remedies(thing, without)))
                .about(context.ref(thing.id())));
    }

    private static boolean comesTo(CarrierStudy study, Gardener gardener, Feature thing) {
        return study.comesTo(gardener.asCarrier(Length.ZERO), thing, gardener.reach());
    }

    private List<Remedy> remedies(Feature thing, List<Gardener> without) {
        List<Remedy> remedies = new ArrayList<>();
        for (WayIn gate : context.setting().gates()) {
            Length widest = without.stream().map(Gardener::passing).reduce(Length.ZERO, Length::max);
            if (gate.width().compareTo(widest) < 0) {
                Length wanted = context.wording().tidyUp(widest);
                Put<WayIn> wider = Put.of(gate.withWidth(wanted));
                if (works(wider, thing)) {
                    remedies.add(new Remedy(
                            "Make " + gate.name() + " " + context.wording().length(wanted) + " wide", wider));
                }
            }
        }
        moved(thing).ifPresent(remedies::add);
        remedies.add(new Remedy("Do without " + thing.name(), context.plan().without(thing.id())));
        return remedies;
    }

    /** To the nearest place that everybody gets to and where it stands on free ground. */
    private Optional<Remedy> moved(Feature thing) {
        return Moves.of(context.wording(), STEP, (dx, dy) -> context.plan().moving(thing.id(), dx, dy))
                .filter(move -> {
                    Feature there = thing.shifted(move.dx(), move.dy());
                    return FreeGround.hasRoomFor(there, context.setting(), context.standing())
                            && works(move.change(), there);
                })
                .findFirst()
                .map(move -> move.remedy(thing.name()));
    }

    private boolean works(Change change, Feature thing) {
        Plan after = context.plan().apply(change).orThrow();
        List<StandingBed> standing = after.standing(context.season());
        CarrierStudy study =
                CarrierStudy.of(WalkStudy.of(after.setting(context.season()), standing, context.trials()), standing);
        return after.gardeners().stream().allMatch(gardener -> comesTo(study, gardener, thing));
    }

    private static Point middle(Feature thing) {
        return Point.metres(
                thing.places().stream()
                        .mapToDouble(place -> place.x().metres())
                        .average()
                        .orElseThrow(),
                thing.places().stream()
                        .mapToDouble(place -> place.y().metres())
                        .average()
                        .orElseThrow());
    }
}
