package fairacre.lookback;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.mulch;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.weekends;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.workFrom;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.cover.CoverKinds;
import fairacre.crew.CrewKinds;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.feeding.FeedingKinds;
import fairacre.feeding.MulchKind;
import fairacre.harvest.HarvestStudy;
import fairacre.husbandry.Disease;
import fairacre.husbandry.HusbandryKinds;
import fairacre.journal.JournalEntry;
import fairacre.journal.JournalEntry.Done;
import fairacre.journal.JournalEntry.Harvest;
import fairacre.journal.JournalEntry.Loss;
import fairacre.journal.LossCause;
import fairacre.judging.JudgingKinds;
import fairacre.judging.Remedy;
import fairacre.judging.SetAside;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.lookback.Lesson.Kind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LookBackStudyTest {

    /** Lettuce in April of two years, and a framed bed with nothing in it. */
    private static final Plan GARDEN = with(
            plot(
                    20,
                    20,
                    List.of(),
                    bed("Salad", 6, 10, 2, 1),
                    bed("Spare", 6, 14, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))),
            Put.of(planting("Lettuce", "lettuce", "Salad", "2027-04-05", "2027-06-20")),
            Put.of(planting("Lettuce again", "lettuce", "Salad", "2028-04-05", "2028-06-20")));

    private static JournalEntry entry(String day, String place, Done done, Harvest harvest, Loss loss) {
        return new JournalEntry(
                id(day + place + done + harvest + loss),
                LocalDate.parse(day),
                false,
                Optional.ofNullable(place).map(Gardens::id),
                Optional.ofNullable(done),
                Optional.ofNullable(harvest),
                Optional.ofNullable(loss),
                Optional.empty(),
                Optional.empty());
    }

    private static JournalEntry lost(String day, String place, String crop, LossCause cause) {
        return entry(day, place, null, null, new Loss(Optional.ofNullable(crop), cause));
    }

    private static List<Lesson> lessons(Plan plan, JournalEntry... entries) {
        return LookBackStudy.of(CostStudy.of(plan), SEASON, Arrays.asList(entries));
    }

    private static Lesson lesson(Kind kind, Plan plan, JournalEntry... entries) {
        return lessons(plan, entries).stream()
                .filter(lesson -> lesson.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Plan taken(Plan plan, Lesson lesson) {
        return with(plan, lesson.remedy().map(Remedy::change).orElseThrow());
    }

    @Test
    void aSeasonOfWhichNothingIsWrittenTellsOnlyOfBareSoil() {
        assertThat(lessons(GARDEN)).isNotEmpty().allMatch(lesson -> lesson.kind() == Kind.BARE);
        assertThat(lessons(plot(10, 10, List.of()))).isEmpty();
    }

    @Test
    @DisplayName("what spring frost took begins two weeks later in the year, and once it does nothing more is offered")
    void frost() {
        JournalEntry frost = lost("2027-04-20", "Salad", "lettuce", LossCause.FROST);
        Lesson lesson = lesson(Kind.LOST, GARDEN, frost, lost("2027-04-21", "Salad", "lettuce", LossCause.FROST));
        assertThat(lesson.words()).isEqualTo("Lettuce, head in Salad lost, 2 times: Frost or winter.");
        assertThat(lesson.bed()).contains(id("Salad"));
        Plan after = taken(GARDEN, lesson);
        Planting moved = after.list(PlantingKinds.PLANTINGS).stream()
                .filter(planting -> planting.name().equals("Lettuce again"))
                .findFirst()
                .orElseThrow();
        assertThat(moved.from()).isEqualTo("2028-04-19");
        assertThat(moved.until()).isEqualTo("2028-07-04");
        assertThat(lesson(Kind.LOST, after, frost).remedy()).isEmpty();
    }

    @ParameterizedTest
    @DisplayName("the next one is left where it is if it is two weeks later already; a day less is not enough")
    @CsvSource({"2028-04-18, true", "2028-04-19, false", "2028-04-20, false", "2028-09-01, false"})
    void lateEnough(String from, boolean offered) {
        Plan plan = with(GARDEN, Put.of(planting("Lettuce again", "lettuce", "Salad", from, "2028-11-20")));
        assertThat(lesson(Kind.LOST, plan, lost("2027-04-20", "Salad", "lettuce", LossCause.FROST))
                        .remedy()
                        .isPresent())
                .isEqualTo(offered);
    }

    @Test
    void autumnFrostOrTheLossOfSomethingElseMovesNothing() {
        Plan autumn = with(
                plot(20, 20, List.of(), bed("Salad", 6, 10, 2, 1)),
                Put.of(planting("Lettuce", "lettuce", "Salad", "2027-08-20", "2027-11-20")),
                Put.of(planting("Lettuce again", "lettuce", "Salad", "2028-08-20", "2028-11-20")));
        assertThat(lesson(Kind.LOST, autumn, lost("2027-10-20", "Salad", "lettuce", LossCause.FROST))
                        .remedy())
                .isEmpty();
        assertThat(lesson(Kind.LOST, GARDEN, lost("2027-04-20", "Salad", "leek", LossCause.FROST))
                        .remedy())
                .isEmpty();
        assertThat(lesson(Kind.LOST, GARDEN, lost("2027-04-20", null, null, LossCause.FROST))
                        .words())
                .isEqualTo("Several crops lost: Frost or winter.");
    }

    @Test
    void whatIsMovedIsClearedAsBeforeWhereSomethingElseFollows() {
        Plan plan = with(GARDEN, Put.of(planting("Leeks", "leek", "Salad", "2028-06-21", "2028-12-01")));
        Plan after = taken(plan, lesson(Kind.LOST, plan, lost("2027-04-20", "Salad", "lettuce", LossCause.FROST)));
        assertThat(after.list(PlantingKinds.PLANTINGS))
                .filteredOn(planting -> planting.name().equals("Lettuce again"))
                .singleElement()
                .satisfies(moved -> {
                    assertThat(moved.from()).isEqualTo("2028-04-19");
                    assertThat(moved.until()).isEqualTo("2028-06-20");
                });
    }

    @Test
    void droughtIsMetWithStrawOnceNoMulchLiesThere() {
        JournalEntry dry = lost("2027-07-20", "Lettuce", "lettuce", LossCause.DROUGHT);
        Plan after = taken(GARDEN, lesson(Kind.LOST, GARDEN, dry));
        assertThat(after.list(FeedingKinds.MULCHES)).singleElement().satisfies(straw -> {
            assertThat(straw.kind()).isEqualTo(MulchKind.STRAW);
            assertThat(straw.first()).isEqualTo(SEASON + 1);
            assertThat(straw.beds()).containsExactly(id("Salad"));
        });
        assertThat(lesson(Kind.LOST, after, dry).remedy()).isEmpty();
        Plan mulched = with(GARDEN, Put.of(mulch("Chips", MulchKind.WOOD_CHIP, SEASON + 1, 1, "Salad")));
        assertThat(lesson(Kind.LOST, mulched, dry).remedy()).isEmpty();
    }

    @Test
    void insectsAreKeptOutByACage() {
        JournalEntry fly = lost("2027-07-20", "Spare", "lettuce", LossCause.INSECTS);
        Lesson lesson = lesson(Kind.LOST, GARDEN, fly);
        assertThat(bringsNothing(GARDEN, lesson)).isTrue();
        Plan after = taken(GARDEN, lesson);
        assertThat(after.list(CoverKinds.COVERS)).singleElement().satisfies(cage -> {
            assertThat(cage.places().get(0).bed()).isEqualTo(id("Spare"));
            assertThat(cage.lifetime().includes(SEASON)).isFalse();
        });
        assertThat(lesson(Kind.LOST, after, fly).remedy()).isEmpty();
    }

    private static boolean bringsNothing(Plan plan, Lesson lesson) {
        return lesson.remedy()
                .map(remedy -> snags(plan).containsAll(snags(with(plan, remedy.change()))))
                .orElse(false);
    }

    private static Set<List<Object>> snags(Plan plan) {
        return Appraisal.of(plan, SEASON + 1).snags().stream()
                .map(LookBackStudyTest::key)
                .collect(Collectors.toCollection(HashSet::new));
    }

    private static List<Object> key(Snag snag) {
        return List.of(snag.rule(), snag.beds(), snag.things());
    }

    @Test
    void clubrootIsNotedInTheSoil() {
        JournalEntry clubs = lost("2027-09-01", "Salad", "cabbage", LossCause.CLUBROOT);
        Plan after = taken(GARDEN, lesson(Kind.LOST, GARDEN, clubs));
        assertThat(after.list(HusbandryKinds.SOIL_DISEASES)).singleElement().satisfies(disease -> {
            assertThat(disease.disease()).isEqualTo(Disease.CLUBROOT);
            assertThat(disease.bed()).isEqualTo(id("Salad"));
        });
        assertThat(lesson(Kind.LOST, after, clubs).remedy()).isEmpty();
    }

    @ParameterizedTest
    @DisplayName("less than half of what the plan gives is little; a half is not")
    @CsvSource({"0.5, false", "0.499, true", "0.01, true"})
    void little(double share, boolean told) {
        double planned = HarvestStudy.of(GARDEN, SEASON).foods().stream()
                .filter(food -> food.crop().equals("lettuce"))
                .mapToDouble(food -> food.harvest().usual())
                .sum();
        assertThat(planned).isGreaterThan(1);
        Harvest harvest = new Harvest(
                "lettuce", Optional.empty(), Optional.of(share * planned), Optional.empty(), Optional.empty());
        assertThat(lessons(GARDEN, entry("2027-06-10", "Salad", null, harvest, null)).stream()
                        .anyMatch(lesson -> lesson.kind() == Kind.LITTLE))
                .isEqualTo(told);
    }

    @Test
    @DisplayName("a bed that lay bare is filled in the coming season, and no edit brings a snag")
    void bare() {
        List<Lesson> bare = lessons(GARDEN).stream()
                .filter(lesson -> lesson.kind() == Kind.BARE)
                .toList();
        assertThat(bare).extracting(lesson -> lesson.bed().orElseThrow()).contains(id("Spare"));
        Lesson spare = bare.stream()
                .filter(lesson -> lesson.bed().equals(Optional.of(id("Spare"))))
                .findFirst()
                .orElseThrow();
        assertThat(spare.words()).startsWith("Spare lay bare from");
        assertThat(bringsNothing(GARDEN, spare)).isTrue();
        Plan after = taken(GARDEN, spare);
        assertThat(after.list(PlantingKinds.PLANTINGS))
                .anyMatch(planting ->
                        planting.bed().equals(id("Spare")) && planting.from().getYear() == SEASON + 1);
    }

    private static final Plan WORKED = with(GARDEN, Put.of(weekends("Ada", 4)), Put.of(workFrom("2027-03-13")));

    private static PlannedTask sowing() {
        return WorkStudy.of(CostStudy.of(WORKED), SEASON, Pace.of(List.of())).tasks().stream()
                .filter(task -> task.day().isPresent())
                .findFirst()
                .orElseThrow();
    }

    private static JournalEntry done(PlannedTask task, int daysLate) {
        return entry(
                task.day().orElseThrow().plusDays(daysLate).toString(),
                null,
                new Done(task.key(), task.rate().key(), task.quantity(), Optional.empty()),
                null,
                null);
    }

    @ParameterizedTest
    @DisplayName(
            "what was done a week late is in time, a day more is late, and the work begins earlier by at most 28 days")
    @CsvSource({"7, ", "8, 2028-03-05", "28, 2028-02-14", "60, 2028-02-14"})
    void late(int days, String begins) {
        List<Lesson> lessons = lessons(WORKED, done(sowing(), days));
        Optional<Lesson> late =
                lessons.stream().filter(lesson -> lesson.kind() == Kind.LATE).findFirst();
        assertThat(late.isPresent()).isEqualTo(begins != null);
        late.ifPresent(lesson -> {
            Plan after = taken(WORKED, lesson);
            assertThat(CrewKinds.workOf(after, SEASON + 1).orElseThrow().begins())
                    .contains(LocalDate.parse(begins));
            assertThat(lesson(Kind.LATE, after, done(sowing(), days)).remedy()).isEmpty();
        });
    }

    @Test
    void whatIsNotTickedOffIsToldWhereSomethingIs() {
        assertThat(lessons(WORKED)).noneMatch(lesson -> lesson.kind() == Kind.UNDONE);
        int all = WorkStudy.of(CostStudy.of(WORKED), SEASON, Pace.of(List.of()))
                .tasks()
                .size();
        assertThat(lesson(Kind.UNDONE, WORKED, done(sowing(), 0)).words())
                .isEqualTo((all - 1) + " of " + all + " tasks are not ticked off.");
    }

    @Test
    void aSnagThatWasLivedWithWhereSomethingWasLostIsShownAgain() {
        SetAside aside = new SetAside(
                id("aside"),
                "CROP_BARE",
                List.of(id("Salad")),
                Optional.empty(),
                Weight.NOTE,
                Optional.empty(),
                "Nothing grows there.",
                "It rests");
        Plan plan = with(GARDEN, Put.of(aside));
        assertThat(lessons(plan, lost("2027-06-01", "Spare", null, LossCause.SLUGS)))
                .noneMatch(lesson -> lesson.kind() == Kind.LIVED_WITH);
        Lesson lesson = lesson(Kind.LIVED_WITH, plan, lost("2027-06-01", "Salad", null, LossCause.SLUGS));
        assertThat(taken(plan, lesson).list(JudgingKinds.SET_ASIDE)).isEmpty();
    }
}
