package fairacre.walk;

import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Carrier;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
import fairacre.plan.WayIn;
import java.util.ArrayList;
import java.util.List;

/**
 * Ways to free a gate: it moves along the edge of the plot to the nearest places where one gets in, or is closed for
 * good.
 */
final class GateRemedies {

    private static final int MOST = 2;
    private static final double STEP = 0.25;
    private static final double FURTHEST = 6;

    private final SnagContext context;
    private final WayIn gate;
    private final Carrier carrier;

    GateRemedies(SnagContext context, WayIn gate, Carrier carrier) {
        this.context = context;
        this.gate = gate;
        this.carrier = carrier;
    }

    List<Remedy> all() {
        List<Remedy> remedies = new ArrayList<>();
        for (double by = STEP; by <= FURTHEST && remedies.size() < MOST; by += STEP) {
            addMoved(by, remedies);
            addMoved(-by, remedies);
        }
        remedies.add(new Remedy("Do without " + gate.name(), new Remove<>(Things.WAYS_IN, gate.id())));
        return remedies;
    }

    private void addMoved(double by, List<Remedy> remedies) {
        WalkStudy walks = WalkStudy.of(context.setting(), context.standing(), context.trials());
        Point place = walks.alongTheEdge(gate.place(), by, gate.width());
        WayIn moved = gate.withPlace(place);
        Put<WayIn> change = Put.of(moved);
        Plan after = context.plan().apply(change).orThrow();
        List<StandingBed> standing = after.standing(context.season());
        CarrierStudy study =
                CarrierStudy.of(WalkStudy.of(after.setting(context.season()), standing, context.trials()), standing);
        if (study.blocked(carrier).stream().noneMatch(blocked -> blocked.id().equals(gate.id()))) {
            double dx = place.x().minus(gate.place().x()).metres();
            double dy = place.y().minus(gate.place().y()).metres();
            remedies.add(new Remedy(
                    "Move " + gate.name() + " "
                            + context.wording().length(Length.metres(Math.hypot(dx, dy))) + " "
                            + context.wording().direction(dx, dy),
                    change));
        }
    }
}
