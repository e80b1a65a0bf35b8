package fairacre.water;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.Put;
import fairacre.reach.HeightStudy;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Valves where a run branches off another that stand in a walk, that somebody does not come to, or whose handle is out
 * of reach from a chair. A valve at a tap or a barrel is where those are; one of a bed is at the bed's side.
 */
final class RunValveSnags {

    /** Along what feeds a run, a place for its valve is looked for in such steps, metres. */
    private static final double STEP = 0.05;

    private static final Length LOWEST = HeightStudy.LOWEST_SEATED;
    private static final Length HIGHEST = HeightStudy.HIGHEST_SEATED;

    private final SnagContext context;
    private final Piping piping;
    private final List<LaidRun> valves;

    RunValveSnags(SnagContext context) {
        this.context = context;
        this.piping = context.study(WaterStudy.class).piping();
        this.valves = piping.runs().stream()
                .filter(laid ->
                        laid.run().valve() && piping.run(laid.run().from()).isPresent())
                .toList();
    }

    List<Snag> find() {
        if (valves.isEmpty()) {
            return List.of();
        }
        ValveGround ground =
                new ValveGround(context.plan(), context.season(), context.standing(), context.study(WalkStudy.class));
        return valves.stream()
                .flatMap(laid -> Stream.of(inWalk(laid, ground), shutOut(laid, ground), tooHighOrLow(laid)))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Point place(LaidRun laid) {
        return laid.course().places().get(0);
    }

    private static String valve(LaidRun laid) {
        return "The valve of " + laid.run().name();
    }

    private Optional<Snag> inWalk(LaidRun laid, ValveGround ground) {
        if (!ground.isInWalk(place(laid))) {
            return Optional.empty();
        }
        return Optional.of(snag(
                laid,
                WaterRule.VALVE_IN_WALK,
                valve(laid) + " stands in a walk, " + context.wording().length(ground.fromEdge(place(laid)))
                        + " from its edge.",
                List.of(),
                () -> elsewhere(laid, ground)));
    }

    private Optional<Snag> shutOut(LaidRun laid, ValveGround ground) {
        List<Gardener> without = ground.shutOut(place(laid));
        if (without.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(snag(
                laid,
                WaterRule.VALVE_OUT_OF_REACH,
                Wording.names(without.stream().map(Gardener::name).toList()) + " can't get to the valve of "
                        + laid.run().name() + ".",
                without,
                () -> elsewhere(laid, ground)));
    }

    /** Only where its height is known. */
    private Optional<Snag> tooHighOrLow(LaidRun laid) {
        Length handle = laid.run().handle();
        List<Gardener> seated = context.plan().gardeners().stream()
                .filter(gardener -> gardener.posture() == Posture.SEATED)
                .toList();
        boolean low = handle.compareTo(LOWEST) < 0;
        if (seated.isEmpty() || !handle.isPositive() || !low && handle.compareTo(HIGHEST) <= 0) {
            return Optional.empty();
        }
        Length bound = low ? LOWEST : HIGHEST;
        return Optional.of(snag(
                        laid,
                        WaterRule.VALVE_OUT_OF_REACH,
                        valve(laid) + " is " + context.wording().length(handle) + " above the ground, too "
                                + (low ? "low" : "high") + " for "
                                + Wording.names(
                                        seated.stream().map(Gardener::name).toList()) + ", seated.",
                        seated,
                        () -> List.of(new Remedy(
                                "Fix its handle " + context.wording().length(bound) + " above the ground",
                                Put.of(laid.run().withValve(bound)))))
                .by(handle.minus(bound).abs().metres()));
    }

    private Snag snag(
            LaidRun laid, WaterRule rule, String words, List<Gardener> whom, Supplier<List<Remedy>> remedies) {
        return Snag.of(
                        rule,
                        Weight.WARNING,
                        words,
                        Optional.of(place(laid)),
                        List.of(),
                        whom.stream().map(Gardener::id).toList(),
                        context.remedies(remedies))
                .about(context.ref(laid.run().id()));
    }

    /** Begun where the pipe that feeds it is in nobody's way and everybody comes to it; or without a valve. */
    private List<Remedy> elsewhere(LaidRun laid, ValveGround ground) {
        Course feeding = piping.run(laid.run().from()).orElseThrow().course();
        List<Remedy> ways = new ArrayList<>();
        IntStream.rangeClosed(0, (int) (feeding.length() / STEP))
                .mapToDouble(i -> i * STEP)
                .boxed()
                .sorted(Comparator.comparingDouble(at -> Math.abs(at - laid.at())))
                .map(feeding::at)
                .filter(place ->
                        !ground.isInWalk(place) && ground.shutOut(place).isEmpty())
                .filter(place -> !place.equals(laid.run().places().get(1)))
                .map(place -> new Remedy(
                        "Begin " + laid.run().name() + " " + context.wording().length(place.distance(place(laid)))
                                + " away",
                        Put.of(laid.run().begunAt(place))))
                .filter(way -> context.isSound(way.change()))
                .findFirst()
                .ifPresent(ways::add);
        ways.add(new Remedy(
                "Take the valve off " + laid.run().name(), Put.of(laid.run().withoutValve())));
        return ways;
    }
}
