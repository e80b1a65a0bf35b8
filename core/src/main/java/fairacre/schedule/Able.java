package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.crew.Worker;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.reach.ReachStudy;
import fairacre.reach.Unreached;
import fairacre.shape.Memo;
import fairacre.walk.WalkStudy;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Who may do what. */
final class Able {

    /** What is done in a bed from its edge. */
    private static final Set<Stage> IN_BEDS = EnumSet.of(Stage.LINES, Stage.PLANTING, Stage.MULCH);
    /** So many people at most take hold of one thing (common practice). */
    static final int MOST_LIFTERS = 4;

    private final Plan plan;
    private final int season;
    private final Memo memo = Memo.none().remembering();
    private final Map<List<UUID>, Boolean> reached = new HashMap<>();

    private Able(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
    }

    static Able of(Plan plan, int season) {
        return new Able(plan, season);
    }

    boolean may(Worker worker, Demand demand) {
        return !worker.leaves().contains(demand.stage())
                && (worker.able().saws() || !demand.saws())
                && (!IN_BEDS.contains(demand.stage())
                        || worker.able().reach().stream().allMatch(gardener -> reaches(gardener, demand.place())));
    }

    /** Whether some lift what has to be lifted, each an equal share. */
    static boolean lift(List<Worker> team, Demand demand) {
        return demand.lift()
                .map(lift -> team.stream()
                        .allMatch(worker -> worker.able()
                                .lifts()
                                .map(most -> lift.kilograms() <= most * team.size())
                                .orElse(true)))
                .orElse(true);
    }

    /**
     * Whether a gardener reaches all of a bed; true for what is no bed, and for a gardener whom the plan doesn't know.
     */
    private boolean reaches(UUID gardener, UUID place) {
        return reached.computeIfAbsent(
                List.of(gardener, place),
                unknown -> plan.gardeners().stream()
                        .filter(each -> each.id().equals(gardener))
                        .allMatch(each -> reaches(each, place)));
    }

    private boolean reaches(Gardener gardener, UUID place) {
        List<StandingBed> standing = plan.standing(season);
        ReachStudy study = ReachStudy.of(WalkStudy.of(plan.setting(season), standing, memo), List.of(gardener));
        return standing.stream()
                .filter(bed -> bed.id().equals(place))
                .allMatch(bed -> study.reach(bed).byNobody().equals(Unreached.NOTHING));
    }
}
