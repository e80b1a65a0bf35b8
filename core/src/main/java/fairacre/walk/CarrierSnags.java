package fairacre.walk;

import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Carrier;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.surface.BuildUps;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** Beds that a carrier can't come to, gates it doesn't fit through, and ground on which wheels are in trouble. */
final class CarrierSnags {

    /** Diameter in which a wheelchair turns: 2010 ADA Standards 304.3.1. */
    private static final Length CHAIR_TURNS = Length.inches(60);

    /** 200 ft: 2010 ADA Standards 403.5.3. */
    private static final Length PASSING_EVERY = Length.feet(200);

    private final SnagContext context;

    CarrierSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        List<Snag> snags = new ArrayList<>();
        CarrierStudy study = CarrierStudy.of(walks, context.standing());
        for (Carrier carrier : context.plan().carriers()) {
            context.standing().stream()
                    .filter(bed -> !study.reaches(carrier, bed.id()))
                    .toList()
                    .forEach(bed -> snags.add(shutOut(carrier, bed)));
        }
        context.setting().gates().forEach(gate -> tooNarrow(gate).ifPresent(snags::add));
        addBlocked(study, snags);
        for (Gardener gardener : context.plan().gardeners()) {
            if (gardener.posture() == Posture.SEATED) {
                addForChair(gardener, study, snags);
            }
        }
        return snags;
    }

    /** Walks that lead nowhere and in which somebody on wheels can't turn. */
    List<Snag> findDeadEnds(WalkStudy walks) {
        if (context.setting().waysIn().isEmpty()) {
            return List.of();
        }
        CarrierStudy study = CarrierStudy.of(walks, context.standing());
        return context.plan().gardeners().stream()
                .filter(gardener -> gardener.posture() == Posture.SEATED)
                .flatMap(gardener ->
                        study.deadEnds(gardener.asCarrier(CHAIR_TURNS)).stream().map(end -> deadEnd(gardener, end)))
                .toList();
    }

    /** Large gardens in which two chairs that meet can't pass for too long. */
    List<Snag> findTooLongWithoutPassing(WalkStudy walks) {
        if (!isLarge()) {
            return List.of();
        }
        CarrierStudy study = CarrierStudy.of(walks, context.standing());
        List<Snag> snags = new ArrayList<>();
        for (Gardener gardener : context.plan().gardeners()) {
            if (gardener.posture() == Posture.SEATED) {
                Length alone = study.longestWithoutPassing(gardener.asCarrier(CHAIR_TURNS));
                if (alone.compareTo(PASSING_EVERY) > 0) {
                    snags.add(noPassing(gardener, alone));
                }
            }
        }
        return snags;
    }

    private Snag shutOut(Carrier carrier, StandingBed bed) {
        String words =
                carrier.name() + " (" + length(carrier.width()) + ") can't come to " + bed.name() + " from any way in.";
        return Snag.of(
                WalkRule.CARRIER_SHUT_OUT,
                Weight.NOTE,
                words,
                Optional.of(bed.outline().centre()),
                List.of(bed.id()),
                List.of(),
                context.remedies(() -> remedies(carrier, bed)));
    }

    private List<Remedy> remedies(Carrier carrier, StandingBed bed) {
        List<Remedy> remedies = new ArrayList<>(new CarrierRemedies(context, carrier, bed).all());
        remedies.add(new Remedy("Do without " + carrier.name(), new Remove<>(Things.CARRIERS, carrier.id())));
        return remedies;
    }

    /** A gate that stops somebody, or that every carrier of the garden is too wide for. */
    private Optional<Snag> tooNarrow(WayIn gate) {
        List<String> stopped = new ArrayList<>();
        Length most = gate.width();
        for (Gardener gardener : context.plan().gardeners()) {
            if (gardener.passing().compareTo(slackened(gate)) > 0) {
                stopped.add(gardener.name() + " (" + length(gardener.passing()) + ")");
                most = Length.max(most, gardener.passing());
            }
        }
        if (stopped.isEmpty()) {
            return Optional.empty();
        }
        Length wanted = context.wording().tidyUp(most);
        String words =
                gate.name() + " is " + length(gate.width()) + " wide, too narrow for " + Wording.names(stopped) + ".";
        WayIn wider = gate.withWidth(wanted);
        return Optional.of(Snag.of(
                        WalkRule.WAY_IN_TOO_NARROW,
                        Weight.WARNING,
                        words,
                        Optional.of(gate.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> List.of(
                                new Remedy("Make " + gate.name() + " " + length(wanted) + " wide", Put.of(wider)))))
                .about(context.ref(gate.id()))
                .by(most.minus(gate.width()).metres()));
    }

    /** Ways in that not even the slimmest gardener gets beyond. */
    private void addBlocked(CarrierStudy study, List<Snag> snags) {
        if (context.setting().waysIn().isEmpty()) {
            return;
        }
        Gardener slimmest = context.plan().gardeners().stream()
                .min(Comparator.comparing(Gardener::passing))
                .orElseThrow();
        Carrier carrier = slimmest.asCarrier(Length.ZERO);
        for (WayIn gate : study.blocked(carrier)) {
            String words = "Something stands close behind " + gate.name() + ": nobody gets in there.";
            snags.add(Snag.of(
                            WalkRule.WAY_IN_BLOCKED,
                            Weight.SERIOUS,
                            words,
                            Optional.of(gate.place()),
                            List.of(),
                            List.of(),
                            context.remedies(() -> new GateRemedies(context, gate, carrier).all()))
                    .about(context.ref(gate.id())));
        }
    }

    private static Length slackened(WayIn gate) {
        return gate.width().plus(Length.metres(2 * WalkStudy.SLACK));
    }

    private void addForChair(Gardener gardener, CarrierStudy study, List<Snag> snags) {
        Carrier chair = gardener.asCarrier(CHAIR_TURNS);
        if (!context.setting().waysIn().isEmpty()
                && !context.standing().isEmpty()
                && !study.turnsSomewhere(chair)
                && !study.ground(chair).isEmpty()) {
            snags.add(noTurning(gardener));
        }
        List<Walk> loose = context.plan().walks(context.season()).stream()
                .filter(walk -> !walk.surface().firm())
                .toList();
        if (!loose.isEmpty()) {
            var ground = study.ground(chair);
            loose.stream()
                    .filter(walk -> Polygons.of(walk.corners()).intersects(ground))
                    .forEach(walk -> snags.add(unfit(gardener, walk)));
        }
    }

    private Snag deadEnd(Gardener gardener, DeadEnd end) {
        String words = gardener.name() + " gets into a walk that leads nowhere and can't turn there: "
                + length(end.back()) + " have to be backed out.";
        return Snag.of(
                        WalkRule.DEAD_END,
                        Weight.NOTE,
                        words,
                        Optional.of(end.place()),
                        List.of(),
                        List.of(gardener.id()),
                        context.remedies(() -> new TurningRemedies(context, gardener, CHAIR_TURNS).outOf(end)))
                .by(end.back().metres());
    }

    private Snag noTurning(Gardener gardener) {
        String words = gardener.name() + " can get in but turn round nowhere: neither a circle of "
                + length(CHAIR_TURNS) + " nor a T within it is free on the ground they can use.";
        return Snag.of(
                WalkRule.NO_TURNING,
                Weight.WARNING,
                words,
                Optional.of(context.setting().waysIn().get(0).place()),
                List.of(),
                List.of(gardener.id()),
                context.remedies(() -> new TurningRemedies(context, gardener, CHAIR_TURNS).all()));
    }

    /**
     * Where length and width of the plot together are less than the interval, whoever meets another chair sees it
     * coming.
     */
    private boolean isLarge() {
        Envelope ground = context.setting().site().ground().getEnvelopeInternal();
        return ground.getWidth() + ground.getHeight() > PASSING_EVERY.metres();
    }

    private Snag noPassing(Gardener gardener, Length alone) {
        String words = gardener.name() + " has " + length(alone)
                + " of walk without a place where a second chair gets by; " + length(PASSING_EVERY) + " are the most.";
        return Snag.of(
                        WalkRule.NO_PASSING,
                        Weight.NOTE,
                        words,
                        Optional.of(
                                context.setting().waysIn().isEmpty()
                                        ? context.standing().get(0).outline().centre()
                                        : context.setting().waysIn().get(0).place()),
                        List.of(),
                        List.of(gardener.id()),
                        context.remedies(() ->
                                new TurningRemedies(context, gardener, CHAIR_TURNS).shorter(PASSING_EVERY, alone)))
                .by(alone.minus(PASSING_EVERY).metres());
    }

    private Snag unfit(Gardener gardener, Walk walk) {
        String words = walk.name() + " is " + walk.surface().words() + ": not firm enough for " + gardener.name()
                + "'s wheels.";
        Coordinate place = Polygons.of(walk.corners()).getInteriorPoint().getCoordinate();
        return Snag.of(
                        WalkRule.SURFACE_UNFIT,
                        Weight.WARNING,
                        words,
                        Optional.of(Point.metres(place.x, place.y)),
                        List.of(),
                        List.of(gardener.id()),
                        context.remedies(() -> {
                            List<Remedy> remedies = new ArrayList<>();
                            for (Surfacing firm : List.of(Surfacing.STABILISED_GRAVEL, Surfacing.PAVERS)) {
                                // Dug in, so that the beds beside it lose no height.
                                WalkBuild build = new WalkBuild(
                                        BuildUps.usual(firm), true, walk.build().edged());
                                Put<Walk> lay = Put.of(walk.laidIn(firm, build));
                                remedies.add(new Remedy(
                                        "Lay " + walk.name() + " in " + firm.words() + ", dug in, with its usual layers"
                                                + context.costOf(lay),
                                        lay));
                            }
                            return remedies;
                        }))
                .about(context.ref(walk.id()));
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
