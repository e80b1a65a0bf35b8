package fairacre.crew;

import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.weekends;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.workFrom;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bill.Stage;
import fairacre.crew.Worker.Absence;
import fairacre.crew.Worker.Visit;
import fairacre.limits.RefusedException;
import fairacre.plan.Put;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WorkerTest {

    private static final List<Double> WEEK = List.of(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0);

    private static Worker worker(List<Double> hours, List<Visit> visits, List<Absence> away, double pace) {
        return new Worker(id("Sam"), "Sam", hours, visits, away, pace, List.of());
    }

    private static LocalDate day(String text) {
        return LocalDate.parse(text);
    }

    @Test
    @DisplayName("hours go by the day of the week, over a leap day as well [java.time: 29 February 2028 is a Tuesday]")
    void byTheDayOfTheWeek() {
        Worker sam = worker(WEEK, List.of(), List.of(), 1);
        assertThat(List.of("2028-02-28", "2028-02-29", "2028-03-01", "2028-03-05"))
                .extracting(text -> sam.hours(day(text)))
                .containsExactly(1.0, 2.0, 3.0, 7.0);
    }

    @Test
    void awayFromTheFirstToTheLastDayButForAVisit() {
        Worker sam = worker(
                WEEK,
                List.of(new Visit(day("2027-05-05"), 2.5), new Visit(day("2027-05-20"), 0)),
                List.of(new Absence(day("2027-05-03"), day("2027-05-07"))),
                1);
        assertThat(List.of("2027-05-02", "2027-05-03", "2027-05-05", "2027-05-07", "2027-05-08", "2027-05-20"))
                .extracting(text -> sam.hours(day(text)))
                .containsExactly(7.0, 0.0, 2.5, 0.0, 6.0, 0.0);
    }

    @Test
    void limitsAtThemAndAHairOver() {
        List<Double> most = Collections.nCopies(7, 12.0);
        assertThat(worker(most, List.of(new Visit(day("2027-05-05"), 12)), List.of(), 0.25)
                        .pace())
                .isEqualTo(0.25);
        assertThat(worker(most, null, null, 2).away()).isEmpty();
        assertThatThrownBy(() -> worker(Collections.nCopies(7, 12.01), List.of(), List.of(), 1))
                .hasMessageContaining("12");
        assertThatThrownBy(() -> worker(Collections.nCopies(6, 1.0), List.of(), List.of(), 1))
                .hasMessageContaining("all seven");
        assertThatThrownBy(() -> worker(WEEK, List.of(), List.of(), 0.249)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> worker(WEEK, List.of(), List.of(), 2.01)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Visit(day("2027-05-05"), -0.1)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Absence(day("2027-05-05"), day("2027-05-04")))
                .hasMessageContaining("2027-05-04 is before 2027-05-05");
        Visit visit = new Visit(day("2027-05-05"), 1);
        assertThatThrownBy(() -> worker(WEEK, List.of(visit, visit), List.of(), 1))
                .hasMessageContaining("2027-05-05 is there twice");
    }

    @Test
    void whatIsLeftToOthersIsToldOnce() {
        assertThat(new Worker(
                                id("Sam"),
                                "Sam",
                                WEEK,
                                List.of(),
                                List.of(),
                                1,
                                List.of(Stage.POSTS, Stage.BASE, Stage.POSTS))
                        .leaves())
                .containsExactly(Stage.BASE, Stage.POSTS);
        assertThat(weekends("Sam", 4).hours()).containsExactly(0.0, 0.0, 0.0, 0.0, 0.0, 4.0, 4.0);
    }

    @Test
    void theWorkOfASeasonIsFoundByItsSeason() {
        WorkSeason work = workFrom("2027-03-06");
        assertThat(CrewKinds.workOf(with(plot(10, 8, List.of()), Put.of(work)), 2027))
                .contains(work);
        assertThat(CrewKinds.workOf(with(plot(10, 8, List.of()), Put.of(work)), 2028))
                .isEmpty();
        assertThat(new WorkSeason(id("w"), 2027, null, null, List.of("a", "b", "a")).order())
                .containsExactly("a", "b");
        assertThatThrownBy(() ->
                        new WorkSeason(id("w"), 2027, Optional.of(day("2029-01-01")), Optional.empty(), List.of()))
                .isInstanceOf(RefusedException.class);
    }
}
