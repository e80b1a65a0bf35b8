package fairacre.reach;

import fairacre.judging.SnagContext;
import fairacre.plan.Feature;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.walk.Surroundings;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** How a bed would be reached after an edit, tried among the beds round about it. */
final class ReachTrial {

    private final Plan plan;
    private final Memo memo;
    private final Setting setting;
    private final StandingBed bed;
    private final List<StandingBed> others;

    ReachTrial(SnagContext context, StandingBed bed) {
        this.plan = context.plan();
        this.memo = context.trials();
        this.setting = context.setting();
        this.bed = bed;
        this.others = Surroundings.of(context, bed).others();
    }

    /** Whether beds put in this one's place satisfy a demand on how each of them is reached. */
    boolean reach(List<StandingBed> replacements, Predicate<BedReach> demand) {
        List<StandingBed> all = new ArrayList<>(others);
        all.addAll(replacements);
        ReachStudy study = ReachStudy.of(WalkStudy.of(setting, all, memo), plan.gardeners());
        return replacements.stream()
                .map(each -> study.reach(each, plan.tending(bed.id())))
                .allMatch(demand);
    }

    /** Whether this bed satisfies a demand on how it is reached once another bed stands elsewhere. */
    boolean reachOnce(StandingBed moved, Predicate<BedReach> demand) {
        List<StandingBed> all = new ArrayList<>();
        others.forEach(other -> all.add(other.id().equals(moved.id()) ? moved : other));
        all.add(bed);
        return demand.test(ReachStudy.of(WalkStudy.of(setting, all, memo), plan.gardeners())
                .reach(bed, plan.tending(bed.id())));
    }

    /** Whether this bed satisfies a demand on how it is reached once a feature is gone. */
    boolean reachWithout(Feature feature, Predicate<BedReach> demand) {
        List<StandingBed> all = new ArrayList<>(others);
        all.add(bed);
        Setting freed = setting.without(feature.id());
        return demand.test(
                ReachStudy.of(WalkStudy.of(freed, all, memo), plan.gardeners()).reach(bed, plan.tending(bed.id())));
    }
}
