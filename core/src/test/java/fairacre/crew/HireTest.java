package fairacre.crew;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.hire;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bill.Bill;
import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.cost.CostStudy;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HireTest {

    private static List<LocalDate> days(String days) {
        return days == null
                ? List.of()
                : Arrays.stream(days.split(" ")).map(LocalDate::parse).toList();
    }

    @ParameterizedTest
    @DisplayName("60 a day and 90 for a Saturday with its Sunday [by hand]")
    @CsvSource({
        ", 0",
        "2027-03-13, 60",
        "2027-03-14, 60",
        "2027-03-13 2027-03-14, 90",
        // A Sunday and the Saturday after it are no weekend.
        "2027-03-14 2027-03-20, 120",
        "2027-03-12 2027-03-13 2027-03-14 2027-03-15, 210",
        "2027-03-13 2027-03-14 2027-03-20 2027-03-21, 180",
        "2027-02-28 2027-02-27, 90",
        "2028-02-26 2028-02-27 2028-02-29, 150"
    })
    void cost(String days, double euros) {
        assertThat(hire("Compactor", 60, Optional.of(90.0), List.of(), Stage.BASE)
                        .cost(days(days)))
                .isEqualTo(Money.of(CurrencyUnit.EUR, euros));
    }

    @Test
    void aWeekendThatIsNoCheaperThanTwoDaysIsPaidByTheDay() {
        List<LocalDate> weekend = days("2027-03-13 2027-03-14");
        assertThat(hire("Compactor", 45, Optional.of(90.0), List.of(), Stage.BASE)
                        .cost(weekend))
                .isEqualTo(Money.of(CurrencyUnit.EUR, 90));
        assertThat(hire("Compactor", 40, Optional.of(90.0), List.of(), Stage.BASE)
                        .cost(weekend))
                .isEqualTo(Money.of(CurrencyUnit.EUR, 80));
        assertThat(hire("Compactor", 45, Optional.empty(), List.of(), Stage.BASE)
                        .cost(weekend))
                .isEqualTo(Money.of(CurrencyUnit.EUR, 90));
    }

    @Test
    void whatIsBookedIsOnTheBillAndWhatIsNotIsNot() {
        Plan plan = plot(10, 10, List.of());
        List<String> weekend = List.of("2027-03-13", "2027-03-14");
        Bill booked = CostStudy.of(with(plan, Put.of(hire("Compactor", 60, Optional.of(90.0), weekend, Stage.BASE))))
                .bill();
        assertThat(booked.lines()).singleElement().satisfies(line -> {
            assertThat(line.item().label()).isEqualTo("Compactor, hired for 2 days");
            assertThat(line.part()).isEqualTo(BillPart.TOOLS);
            assertThat(line.season()).isEqualTo(SEASON);
            assertThat(line.amount()).contains(Money.of(CurrencyUnit.EUR, 90));
        });
        assertThat(CostStudy.of(with(plan, Put.of(hire("Compactor", 60, Optional.empty(), List.of(), Stage.BASE))))
                        .bill()
                        .lines())
                .isEmpty();
        Hire moved =
                hire("Compactor", 60, Optional.of(90.0), weekend, Stage.BASE).inSeason(SEASON + 1);
        assertThat(moved.booked()).isEmpty();
        assertThat(moved.season()).isEqualTo(SEASON + 1);
    }

    @Test
    void whatCanNotBeHiredSoIsRefused() {
        assertThatThrownBy(() -> hire("Compactor", 60, Optional.empty(), List.of()))
                .hasMessageContaining("no work is done with it");
        assertThatThrownBy(() -> hire("Compactor", -1, Optional.empty(), List.of(), Stage.BASE))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> hire("Compactor", 60, Optional.empty(), List.of("2031-01-01"), Stage.BASE))
                .isInstanceOf(RefusedException.class);
        assertThat(hire("Compactor", 0, Optional.empty(), List.of("2027-03-14", "2027-03-13", "2027-03-14"), Stage.BASE)
                        .booked())
                .isEqualTo(days("2027-03-13 2027-03-14"));
        assertThatThrownBy(() -> with(
                        plot(10, 10, List.of()),
                        Put.of(new Hire(
                                id("Auger"),
                                "Auger",
                                SEASON,
                                List.of(Stage.POSTS),
                                Money.of(CurrencyUnit.USD, 5),
                                null,
                                null))))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("USD");
    }

    @Test
    @DisplayName("somebody lifts 1 to 100 kg")
    void abilities() {
        assertThat(new Ability(Optional.of(1.0), true, null).reach()).isEmpty();
        assertThat(new Ability(Optional.of(100.0), true, null).lifts()).contains(100.0);
        assertThatThrownBy(() -> new Ability(Optional.of(0.99), true, null)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Ability(Optional.of(100.01), true, null)).isInstanceOf(RefusedException.class);
    }
}
