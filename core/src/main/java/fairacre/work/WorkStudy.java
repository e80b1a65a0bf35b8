package fairacre.work;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.cost.CostStudy;
import fairacre.plan.Plan;
import fairacre.staging.StagingStudy;
import fairacre.takeoff.Job;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What there is to do in a season, in an order in which it can be done: stage by stage, what is to be done on a day by
 * its day, all else by the names of things. A plan that makes no work has no tasks.
 */
public final class WorkStudy {

    /** Rates of what a helper does without being shown how (common practice). */
    static final Set<String> EASY = Set.of(
            "carry/barrow",
            "clear/sheet-mulch",
            "clear/sheet-under",
            "clear/tarpaulin",
            "fence/cane",
            "fence/string",
            "mulch/laying",
            "walk/sheet",
            "walk/spread");

    private final Plan plan;
    private final Pace pace;
    private final StagingStudy staging;
    private final Map<String, List<Job>> jobs = new LinkedHashMap<>();
    /** Keys of the tasks of a stage. */
    private final Map<Stage, List<String>> ofStage = new TreeMap<>();
    /** Keys of the tasks of a stage that are for the same bed, walk or fence. */
    private final Map<AtPlace, List<String>> ofPlace = new LinkedHashMap<>();

    private record AtPlace(Stage stage, UUID place) {}

    private WorkStudy(CostStudy costs, int season, Pace pace) {
        this.pace = pace;
        this.staging = StagingStudy.of(costs, season);
        this.plan = costs.takeoff().plan();
        costs.jobs().stream()
                .filter(job -> job.season() == season)
                .forEach(job -> jobs.computeIfAbsent(key(job), unknown -> new ArrayList<>())
                        .add(job));
        jobs.forEach((key, same) -> {
            Job job = same.get(0);
            ofStage.computeIfAbsent(job.stage(), unknown -> new ArrayList<>()).add(key);
            ofPlace.computeIfAbsent(new AtPlace(job.stage(), job.served().id()), unknown -> new ArrayList<>())
                    .add(key);
        });
    }

    /** @param costs of the plan, which know what is carried */
    public static WorkStudy of(CostStudy costs, int season, Pace pace) {
        return new WorkStudy(costs, season, pace);
    }

    /** What is done for the same thing at the same rate is one task. */
    private static String key(Job job) {
        return job.season() + "/" + job.stage() + "/" + job.rate().key() + "/" + job.about();
    }

    /** The thing that a task is about, by the task's key; empty for a text that is no key of a task. */
    public static Optional<UUID> about(String task) {
        try {
            return Optional.of(UUID.fromString(task.substring(task.lastIndexOf('/') + 1)));
        } catch (IllegalArgumentException noKey) {
            return Optional.empty();
        }
    }

    /**
     * A stage of the season's work.
     *
     * @param hours of all its tasks
     * @param tasks how many
     * @param waits for which stages of this season, and why
     */
    public record StageTold(Stage stage, String label, double hours, int tasks, List<Precedence> waits) {
        public StageTold {
            waits = List.copyOf(waits);
        }
    }

    /** The stages of the season in their order. */
    public List<StageTold> stages() {
        return ofStage.entrySet().stream()
                .map(each -> new StageTold(
                        each.getKey(),
                        each.getKey().label(),
                        each.getValue().stream()
                                .mapToDouble(key -> hours(jobs.get(key)))
                                .sum(),
                        each.getValue().size(),
                        before(each.getKey()).toList()))
                .toList();
    }

    /** What comes before a stage, of what is done in the season. */
    private Stream<Precedence> before(Stage stage) {
        return Precedence.ALL.stream()
                .filter(precedence -> precedence.after() == stage && ofStage.containsKey(precedence.before()));
    }

    /** All tasks of the season, in order. */
    public List<PlannedTask> tasks() {
        return jobs.entrySet().stream()
                .map(each -> task(each.getKey(), each.getValue()))
                .sorted(Comparator.comparing(PlannedTask::stage)
                        .thenComparing(task -> task.day().orElse(LocalDate.MIN))
                        .thenComparing(task -> task.bed().or(task::name).orElse(""))
                        .thenComparing(task -> task.name().orElse(""))
                        .thenComparing(task -> task.rate().label())
                        .thenComparing(PlannedTask::key))
                .toList();
    }

    private PlannedTask task(String key, List<Job> same) {
        Job job = same.get(0);
        WorkRate rate = job.rate();
        return new PlannedTask(
                key,
                job.stage(),
                rate,
                job.about(),
                job.served().id(),
                plan.nameOf(job.about()).filter(name -> !name.equals(rate.label())),
                Optional.of(job.served().id())
                        .filter(place -> !place.equals(job.about()))
                        .flatMap(plan::nameOf),
                same.stream().mapToDouble(Job::quantity).sum(),
                hours(same),
                job.day(),
                staging.lift(job.stage(), job.served().id()),
                EASY.contains(rate.key()),
                before(job.stage()).flatMap(by -> wait(by, job).stream()).toList());
    }

    private double hours(List<Job> same) {
        return same.stream()
                .mapToDouble(job -> pace.apply(job.rate()).hours(job.quantity()))
                .sum();
    }

    /** Empty if nothing of the stage before concerns it. */
    private Optional<PlannedTask.Wait> wait(Precedence by, Job job) {
        List<String> before = by.scope() == Precedence.Scope.GARDEN
                ? ofStage.get(by.before())
                : ofPlace.getOrDefault(new AtPlace(by.before(), job.served().id()), List.of());
        return before.isEmpty()
                ? Optional.empty()
                : Optional.of(new PlannedTask.Wait(
                        by,
                        before,
                        before.stream()
                                .flatMap(key ->
                                        Cure.after(jobs.get(key).get(0).rate().key()).stream())
                                .max(Comparator.comparingInt(Cure::days))));
    }
}
