package fairacre.wear;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.frosts;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import fairacre.cost.CostStudy;
import fairacre.fence.FenceKind;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.work.Pace;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class ReminderStudyTest {

    private static final Plan GARDEN = with(
            plot(12, 12, List.of(), bed("Beans", 5, 5, 2, 1)),
            Put.of(fence("Fence", FenceKind.DEER_NET, 1.8, 1, 1, 11, 1)),
            Put.of(tap("Tap", 2, 4, 20)),
            Put.of(dripline("Beans", "Tap")));

    private static List<Reminder> reminders(Plan plan, int season) {
        return ReminderStudy.of(
                plan,
                season,
                WearStudy.of(CostStudy.of(plan), season, Pace.of(List.of())).parts());
    }

    @Test
    @DisplayName(
            "A net that may be worn out is looked at on the first of March, and in the south on the first of September")
    void whatIsOld() {
        int age = FenceKind.DEER_NET.years() * 3 / 4;
        assertThat(reminders(GARDEN, SEASON + age - 1)).isEmpty();
        Reminder spring = reminders(GARDEN, SEASON + age).get(0);
        assertThat(spring.day()).isEqualTo(LocalDate.of(SEASON + age, 3, 1));
        assertThat(spring.about()).isEqualTo(FenceKind.DEER_NET.label() + " of Fence, " + age + " seasons old");
        Plan south = with(GARDEN, new Change.SetSite(new Site(GARDEN.site().corners(), 0, -35)));
        assertThat(reminders(south, SEASON + age).get(0).day()).isEqualTo(LocalDate.of(SEASON + age, 9, 1));
        // A year that begins in July: its spring is that of the next calendar year.
        Plan july = with(GARDEN, new Change.DescribeGarden("Test garden", Units.METRIC, MonthDay.of(7, 1)));
        assertThat(reminders(july, SEASON + age).get(0).day()).isEqualTo(LocalDate.of(SEASON + age + 1, 3, 1));
    }

    @Test
    @DisplayName(
            "Pipes are drained a week before it freezes in one year of ten; without pipes, or frost, there is nothing")
    void drained() {
        Change frosts = Put.of(frosts("--04-12", "--04-28", "--05-15"));
        assertThat(reminders(with(GARDEN, frosts), SEASON))
                .extracting(Reminder::key, Reminder::day)
                .containsExactly(tuple("drain", LocalDate.of(SEASON, 9, 18)));
        assertThat(reminders(GARDEN, SEASON)).isEmpty();
        assertThat(reminders(with(plot(12, 12, List.of()), frosts), SEASON)).isEmpty();
    }
}
