package fairacre.journal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.catalogue.SeedOnHand;
import fairacre.harvest.HarvestStudy;
import fairacre.journal.JournalEntry.Done;
import fairacre.journal.JournalEntry.Germination;
import fairacre.journal.JournalEntry.Harvest;
import fairacre.journal.JournalEntry.Loss;
import fairacre.journal.JournalEntry.Weather;
import fairacre.journal.YearStudy.CropYear;
import fairacre.journal.YearStudy.PickedCrop;
import fairacre.judging.Step;
import fairacre.judging.Wording;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ojalgo.random.SampleSet;

class JournalTest {

    private static final LocalDate JULY = LocalDate.of(SEASON, 7, 4);

    private static JournalEntry entry(Done done, Harvest harvest, Loss loss, String note) {
        return new JournalEntry(
                id("entry"),
                JULY,
                false,
                Optional.empty(),
                Optional.ofNullable(done),
                Optional.ofNullable(harvest),
                Optional.ofNullable(loss),
                Optional.ofNullable(note),
                Optional.empty());
    }

    private static Done done(String task, String rate, double quantity, double hours) {
        return new Done(task, rate, quantity, Optional.of(hours));
    }

    private static Harvest tomatoes(Double kilograms, Double litres, Integer pieces) {
        return new Harvest(
                "tomato",
                Optional.empty(),
                Optional.ofNullable(kilograms),
                Optional.ofNullable(litres),
                Optional.ofNullable(pieces));
    }

    @Test
    void anEntrySaysOneThing() {
        assertThat(entry(null, null, null, " Slugs again ").note()).contains("Slugs again");
        assertThatThrownBy(() -> entry(null, null, null, "  ")).hasMessageContaining("nothing to note");
        assertThatThrownBy(
                        () -> entry(null, tomatoes(1.0, null, null), new Loss(Optional.empty(), LossCause.FROST), null))
                .hasMessageContaining("more than one entry");
        assertThatThrownBy(() -> entry(null, null, null, "x".repeat(501))).hasMessageContaining("501 characters");
        assertThatThrownBy(() -> new Loss(Optional.of("triffid"), LossCause.FROST))
                .hasMessageContaining("no such crop");
    }

    @Test
    void whatComesUpNextTimeSaysSomething() {
        assertThat(withNextTime("Sow later").nextTime()).contains(Step.CROPS);
        assertThatThrownBy(() -> withNextTime(" ")).hasMessageContaining("nothing to think of");
    }

    private static JournalEntry withNextTime(String note) {
        return new JournalEntry(
                id("entry"),
                JULY,
                false,
                null,
                null,
                Optional.of(tomatoes(1.0, null, null)),
                null,
                Optional.of(note),
                Optional.of(Step.CROPS));
    }

    @ParameterizedTest
    @DisplayName("no more seeds come up than were sown")
    @CsvSource({
        "1, 0, true",
        "1, 1, true",
        "60, 60, true",
        "60, 61, false",
        "0, , false",
        "60, -1, false",
        "60, , true",
        "1000000, , true",
        "1000001, , false"
    })
    void seedlings(int sown, Integer up, boolean taken) {
        if (taken) {
            assertThat(new Germination("leek", null, sown, Optional.ofNullable(up)).up())
                    .isEqualTo(Optional.ofNullable(up));
        } else {
            assertThatThrownBy(() -> new Germination("leek", null, sown, Optional.ofNullable(up)))
                    .isInstanceOf(RefusedException.class);
        }
    }

    @ParameterizedTest
    @DisplayName("the weather says something, and the highest is no lower than the lowest")
    @CsvSource({
        ", , , false",
        "0, , , true",
        "1000, , , true",
        "1000.1, , , false",
        "-0.1, , , false",
        ", -60, 60, true",
        ", -60.1, , false",
        ", , 60.1, false",
        ", 5, 5, true",
        ", 5, 4.9, false"
    })
    void weather(Double rain, Double lowest, Double highest, boolean taken) {
        if (taken) {
            assertThat(weather(rain, lowest, highest).rain()).isEqualTo(Optional.ofNullable(rain));
        } else {
            assertThatThrownBy(() -> weather(rain, lowest, highest)).isInstanceOf(RefusedException.class);
        }
    }

    private static Weather weather(Double rain, Double lowest, Double highest) {
        return new Weather(Optional.ofNullable(rain), Optional.ofNullable(lowest), Optional.ofNullable(highest));
    }

    @ParameterizedTest
    @DisplayName("weights and counts at their limits and a hair beyond")
    @CsvSource({
        "0.001, , , true",
        "0.00099, , , false",
        "10000, , , true",
        "10000.001, , , false",
        "NaN, , , false",
        ", 0.001, , true",
        ", 0.00099, , false",
        ", 10000, , true",
        ", 10000.001, , false",
        ", NaN, , false",
        ", , 1, true",
        ", , 0, false",
        ", , 1000000, true",
        ", , 1000001, false",
        ", , , false"
    })
    void limitsOfAHarvest(Double kilograms, Double litres, Integer pieces, boolean taken) {
        if (taken) {
            Harvest harvest = tomatoes(kilograms, litres, pieces);
            assertThat(harvest.kilograms()).isEqualTo(Optional.ofNullable(kilograms));
            assertThat(harvest.litres()).isEqualTo(Optional.ofNullable(litres));
            assertThat(harvest.pieces()).isEqualTo(Optional.ofNullable(pieces));
        } else {
            assertThatThrownBy(() -> tomatoes(kilograms, litres, pieces)).isInstanceOf(RefusedException.class);
        }
    }

    @ParameterizedTest(name = "{0} kg, {1} L, {2} pieces, {3}: {4}")
    @DisplayName("a dry quart is 67.200625 cubic inches (NIST Handbook 44, appendix C), an inch 2.54 cm")
    @CsvSource({
        "0, 0, 0, METRIC, ''",
        "0, 0, 1, METRIC, 1 piece",
        "2.5, 0, 12, METRIC, '2.5 kg, 12 pieces'",
        "0, 9.96, 0, METRIC, 10.0 L",
        "0, 10, 0, METRIC, 10 L",
        "0, 3.303662828145, 0, FEET_AND_INCHES, 3.0 qt",
        "0.45359237, 11.01220942715, 2, FEET_AND_INCHES, '1.0 lb, 10 qt, 2 pieces'",
    })
    void pickedInWords(double kilograms, double litres, int pieces, Units units, String words) {
        assertThat(new Picked(kilograms, litres, pieces).words(new Wording(units)))
                .isEqualTo(words);
    }

    @Test
    @DisplayName("the spread of learned rates is the sample standard deviation (ojAlgo)")
    void learned() {
        Random random = new Random(7);
        List<Done> all = new ArrayList<>();
        double[] each = new double[12];
        double minutes = 0;
        double quantity = 0;
        for (int i = 0; i < each.length; i++) {
            Done one = done("2027/" + i, "fence/concrete", 1 + random.nextInt(9), 0.5 + random.nextDouble());
            all.add(one);
            all.add(new Done("2027/untimed" + i, "fence/concrete", 3, Optional.empty()));
            each[i] = one.hours().orElseThrow() * 60 / one.quantity();
            minutes += one.hours().orElseThrow() * 60;
            quantity += one.quantity();
        }
        all.add(done("2027/mesh", "fence/mesh", 10, 1));
        List<LearnedRate> learned = LearnedRate.of(all);
        assertThat(learned).extracting(LearnedRate::rate).containsExactly("fence/concrete", "fence/mesh");
        assertThat(learned.get(0).times()).isEqualTo(each.length);
        assertThat(learned.get(0).minutes()).isCloseTo(minutes / quantity, within(1e-9));
        assertThat(learned.get(0).spread().orElseThrow())
                .isCloseTo(SampleSet.wrap(each).getStandardDeviation(), within(1e-9));
        assertThat(learned.get(1)).isEqualTo(new LearnedRate("fence/mesh", 1, 6, Optional.empty()));
        assertThat(LearnedRate.of(List.of())).isEmpty();
    }

    @Test
    @DisplayName("what two people wrote of one task is one time, their hours added [by hand]")
    void twoPhones() {
        List<Done> both = List.of(
                done("2027/posts", "fence/concrete", 6, 2),
                done("2027/posts", "fence/concrete", 6, 1),
                done("2027/more", "fence/concrete", 4, 2));
        // 180 minutes for 6 and 120 for 4.
        assertThat(LearnedRate.of(both)).singleElement().satisfies(rate -> {
            assertThat(rate.times()).isEqualTo(2);
            assertThat(rate.minutes()).isCloseTo(30, within(1e-9));
            assertThat(rate.spread().orElseThrow()).isCloseTo(0, within(1e-9));
        });
    }

    @Test
    void togetherPeopleMayTakeLongerThanOneEntryMay() {
        List<Done> both = List.of(done("2027/wall", "wall/stone", 1, 1000), done("2027/wall", "wall/stone", 1, 1000));
        assertThat(LearnedRate.of(both))
                .singleElement()
                .satisfies(rate -> assertThat(rate.minutes()).isCloseTo(2000 * 60, within(1e-6)));
    }

    @Test
    void whatWasPickedStandsBesideWhatWasPlanned() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 6, 10, 2, 1)),
                Put.of(planting("Tomatoes", "tomato", "Beans", "2027-05-20", "2027-10-01")),
                Put.of(Gardens.variety("Vale", "carrot", new SeedOnHand(9, SEASON, Optional.empty(), false))),
                Put.of(Gardens.ownCrop("Oca", "potato")));
        double planned = HarvestStudy.of(plan, SEASON).foods().get(0).harvest().usual();
        List<CropYear> year = YearStudy.of(
                plan,
                SEASON,
                List.of(
                        new PickedCrop("tomato", Optional.empty(), new Picked(4.5, 0, 0)),
                        new PickedCrop("carrot", Optional.of(id("Vale")), new Picked(1, 0.5, 20)),
                        new PickedCrop("carrot", Optional.empty(), new Picked(2, 7, 0)),
                        new PickedCrop("potato", Optional.of(id("Oca")), new Picked(3, 0, 0))));
        assertThat(year)
                .containsExactly(
                        new CropYear("carrot", "Carrot", 0, new Picked(3, 7.5, 20)),
                        new CropYear(id("Oca").toString(), "Oca", 0, new Picked(3, 0, 0)),
                        new CropYear("tomato", "Tomato", planned, new Picked(4.5, 0, 0)));
        assertThat(planned).isPositive();
    }
}
