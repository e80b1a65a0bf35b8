package fairacre.lookback;

import fairacre.cost.CostStudy;
import fairacre.crop.BedGap;
import fairacre.crop.BedGaps;
import fairacre.journal.JournalEntry;
import fairacre.journal.YearStudy;
import fairacre.journal.YearStudy.CropYear;
import fairacre.judging.JudgingKinds;
import fairacre.judging.SetAside;
import fairacre.judging.Step;
import fairacre.judging.Wording;
import fairacre.lookback.Lesson.Kind;
import fairacre.plan.Plan;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** Goes through a season with the gardener. A season of which nothing is written down has no lessons of the journal. */
public final class LookBackStudy {

    /** Of less than this share of what was planned it is said that it was little. */
    private static final double LITTLE = 0.5;
    /** Of a crop of which less was planned nothing is said, kilograms. */
    private static final double WORTH_TELLING = 1;
    /** Soil that lies bare in the growing months for less than six weeks is no lesson (common practice). */
    private static final int BARE = 42;
    /** Work that is begun up to a week after the day on which it is wanted is not late (common practice). */
    private static final int LATE = 7;

    private final Plan plan;
    private final int season;
    private final List<JournalEntry> entries;
    private final List<PlannedTask> tasks;
    private final Edits edits;
    private final Wording wording;

    private LookBackStudy(CostStudy costs, int season, List<JournalEntry> entries) {
        this.plan = costs.takeoff().plan();
        this.season = season;
        this.entries = List.copyOf(entries);
        this.tasks = WorkStudy.of(costs, season, Pace.of(plan, List.of())).tasks();
        this.edits = new Edits(plan, season, costs.takeoff().memo());
        this.wording = new Wording(plan.units());
    }

    /**
     * @param costs of the plan, with what was worked out for it before
     * @param entries of the season's journal that count
     */
    public static List<Lesson> of(CostStudy costs, int season, List<JournalEntry> entries) {
        return new LookBackStudy(costs, season, entries).lessons();
    }

    private List<Lesson> lessons() {
        return Stream.of(lost(), little(), bare(), late(), undone(), livedWith())
                .flatMap(each -> each)
                .toList();
    }

    /** What was lost of the same crop in the same bed for the same cause is one lesson. */
    private Stream<Lesson> lost() {
        Map<Lost, Integer> times = new LinkedHashMap<>();
        entries.forEach(entry -> entry.loss()
                .map(loss -> new Lost(loss.crop(), bedOf(entry), loss.cause()))
                .ifPresent(lost -> times.merge(lost, 1, Integer::sum)));
        return times.entrySet().stream().map(each -> lesson(each.getKey(), each.getValue()));
    }

    private Lesson lesson(Lost lost, int times) {
        String what = lost.crop().map(crop -> edits.cropName(crop)).orElse("Several crops");
        String where = lost.bed().flatMap(plan::nameOf).map(bed -> " in " + bed).orElse("");
        String often = times == 1 ? "" : ", " + times + " times";
        return new Lesson(
                Kind.LOST,
                String.join(
                        "/",
                        "lost",
                        lost.cause().name(),
                        lost.crop().orElse(""),
                        lost.bed().map(UUID::toString).orElse("")),
                lost.bed(),
                what + where + " lost" + often + ": " + lost.cause().label() + ".",
                Step.CROPS,
                edits.against(lost));
    }

    /** The bed of an entry that is about a bed or a planting. */
    private Optional<UUID> bedOf(JournalEntry entry) {
        return entry.place().flatMap(edits::bedOf);
    }

    /** By how much less there was, the most first. */
    private Stream<Lesson> little() {
        return YearStudy.of(plan, season, YearStudy.picked(entries)).stream()
                .filter(year -> year.planned() >= WORTH_TELLING
                        && year.picked().kilograms() > 0
                        && year.picked().kilograms() < LITTLE * year.planned())
                .sorted(Comparator.comparingDouble(
                        (CropYear year) -> year.picked().kilograms() - year.planned()))
                .map(year -> new Lesson(
                        Kind.LITTLE,
                        "little/" + year.crop(),
                        Optional.empty(),
                        year.name() + " gave " + wording.food(year.picked().kilograms()) + " of "
                                + wording.food(year.planned()) + " that the plan gives as a rule.",
                        Step.CROPS,
                        Optional.empty()));
    }

    /** The longest gap of each bed. */
    private Stream<Lesson> bare() {
        Map<UUID, BedGap> longest = new LinkedHashMap<>();
        BedGaps.of(plan, season, plan.standing(season)).stream()
                .filter(gap -> days(gap) >= BARE)
                .forEach(gap -> longest.merge(gap.bed(), gap, (one, other) -> days(other) > days(one) ? other : one));
        return longest.values().stream()
                .map(gap -> new Lesson(
                        Kind.BARE,
                        "bare/" + gap.bed(),
                        Optional.of(gap.bed()),
                        plan.nameOf(gap.bed()).orElse("") + " lay bare from " + Wording.day(gap.from()) + " to "
                                + Wording.day(gap.until()) + ", or a part of it did.",
                        Step.CROPS,
                        edits.filling(gap.bed(), BARE)));
    }

    private static long days(BedGap gap) {
        return ChronoUnit.DAYS.between(gap.from(), gap.until());
    }

    private Stream<Lesson> late() {
        Map<String, LocalDate> wanted = new LinkedHashMap<>();
        tasks.forEach(task -> task.day().ifPresent(day -> wanted.put(task.key(), day)));
        List<Long> late = new ArrayList<>();
        entries.forEach(entry -> entry.done()
                .map(done -> wanted.get(done.task()))
                .map(day -> ChronoUnit.DAYS.between(day, entry.day()))
                .filter(days -> days > LATE)
                .ifPresent(late::add));
        return late.stream()
                .max(Comparator.naturalOrder())
                .map(most -> new Lesson(
                        Kind.LATE,
                        "late",
                        Optional.empty(),
                        (late.size() == 1 ? "One task was" : late.size() + " tasks were")
                                + " done more than a week after the day on which "
                                + (late.size() == 1 ? "it was" : "they were") + " wanted, at most " + most
                                + " days late.",
                        Step.CROPS,
                        edits.beginningEarlier(most)))
                .stream();
    }

    /** Where some of the season's work is ticked off, what is not. */
    private Stream<Lesson> undone() {
        List<String> done = entries.stream()
                .flatMap(entry -> entry.done().stream())
                .map(JournalEntry.Done::task)
                .toList();
        long open = tasks.stream().filter(task -> !done.contains(task.key())).count();
        return open == 0 || open == tasks.size()
                ? Stream.of()
                : Stream.of(new Lesson(
                        Kind.UNDONE,
                        "undone",
                        Optional.empty(),
                        open + " of " + tasks.size() + " tasks are not ticked off.",
                        Step.PURSE,
                        Optional.empty()));
    }

    /** Snags that were lived with at beds where something was lost. */
    private Stream<Lesson> livedWith() {
        List<UUID> suffered = entries.stream()
                .filter(entry -> entry.loss().isPresent())
                .flatMap(entry -> bedOf(entry).stream())
                .toList();
        return plan.list(JudgingKinds.SET_ASIDE).stream()
                .filter(aside -> aside.about().stream().anyMatch(suffered::contains))
                .map(this::livedWith);
    }

    private Lesson livedWith(SetAside aside) {
        return new Lesson(
                Kind.LIVED_WITH,
                "aside/" + aside.id(),
                aside.about().stream()
                        .filter(about -> edits.bedOf(about).isPresent())
                        .findFirst(),
                "You put this aside, and something was lost there: " + aside.words(),
                Step.REACH,
                edits.bringingBack(aside));
    }
}
