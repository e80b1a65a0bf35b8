package fairacre.appraisal;

import fairacre.measure.Length;
import fairacre.plan.Carrier;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.walk.CarrierStudy;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;

/** Ways to give a wheelchair room to turn: one bed moves along its own axes, or goes. */
final class TurningRemedies {

    private static final int MOST = 2;
    /** Moves that are tried, metres. */
    private static final double[] MOVES = {0.3, 0.6, 1};

    private final SnagContext context;
    private final Gardener gardener;
    private final Carrier chair;

    TurningRemedies(SnagContext context, Gardener gardener, Length turning) {
        this.context = context;
        this.gardener = gardener;
        this.chair = new Carrier(gardener.id(), gardener.name(), gardener.passing(), true, turning);
    }

    List<Remedy> all() {
        List<Remedy> remedies = new ArrayList<>();
        for (double by : MOVES) {
            for (StandingBed bed : context.standing()) {
                for (int quarter = 0; quarter < 4 && remedies.size() < MOST; quarter++) {
                    addMove(bed, quarter, context.wording().tidyUp(Length.metres(by)), remedies);
                }
            }
        }
        if (remedies.isEmpty()) {
            remedies.add(context.edits().takeOut(context.standing().get(0)));
        }
        return remedies;
    }

    private void addMove(StandingBed bed, int quarter, Length by, List<Remedy> remedies) {
        double sign = quarter < 2 ? 1 : -1;
        double dx = sign * (quarter % 2 == 0 ? bed.outline().alongX() : -bed.outline().alongY());
        double dy = sign * (quarter % 2 == 0 ? bed.outline().alongY() : bed.outline().alongX());
        var moved = bed.outline().shifted(dx * by.metres(), dy * by.metres());
        if (!context.surroundings(bed).suits(moved)) {
            return;
        }
        Remedy remedy = new Remedy("Move " + bed.name() + " " + context.wording().length(by) + " "
                + context.wording().direction(dx, dy) + ", so that " + gardener.name() + " can turn", Edits.move(bed, moved));
        Plan after = context.plan().apply(remedy.change()).orThrow();
        List<StandingBed> standing = after.standing(context.season());
        if (CarrierStudy.of(WalkStudy.of(after.setting(context.season()), standing), standing).turnsSomewhere(chair)) {
            remedies.add(remedy);
        }
    }
}
