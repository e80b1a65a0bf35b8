package fairacre.water;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.window;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import fairacre.plan.SqueezeTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Worked by hand where nothing else is named. */
class TimetableTest {

    private static final UUID TAP = new UUID(0, 1);
    private static final UUID BARREL = new UUID(0, 2);
    private static final Integer[] EVERY_DAY = {1, 2, 3, 4, 5, 6, 7};

    private static Timetable.Wish wish(double minutes, int lasts) {
        return new Timetable.Wish(TAP, minutes, lasts, Double.POSITIVE_INFINITY);
    }

    private static List<Timetable.Setting> settings(WateringWindow window, Timetable.Wish... wishes) {
        return Timetable.of(List.of(wishes), window);
    }

    @Test
    @DisplayName("Soil that lasts for 3 days wants three days a week, for 4 days two: the widest gap is 3 and 4")
    void asFewDaysAsTheSoilAllows() {
        WateringWindow window = window("Hours", 60, 480, EVERY_DAY);
        assertThat(settings(window, wish(90, 3)).get(0))
                .isEqualTo(new Timetable.Setting(List.of(1, 3, 5), List.of(60), 30, false, false));
        assertThat(settings(window, wish(90, 4)).get(0).days()).containsExactly(1, 4);
        assertThat(settings(window, wish(90, 7)).get(0).days()).containsExactly(1);
        assertThat(settings(window, wish(90, 1)).get(0).days()).hasSize(7);
        assertThat(settings(window, wish(0, 0)).get(0)).isEqualTo(Timetable.Setting.OFF);
    }

    @Test
    void twoZonesTakeTurnsAndTakeDifferentDaysWhereTheyCan() {
        List<Timetable.Setting> both = settings(window("Hours", 0, 480, EVERY_DAY), wish(100, 7), wish(60, 7));
        assertThat(both.get(0).days()).containsExactly(1);
        assertThat(both.get(1).days()).containsExactly(2);
        List<Timetable.Setting> daily = settings(window("Hours", 0, 480, EVERY_DAY), wish(70, 1), wish(35, 1));
        assertThat(daily.get(0).starts()).containsExactly(0);
        assertThat(daily.get(1).starts()).containsExactly(10);
    }

    @Test
    @DisplayName("A tap and a barrel run at once; two zones of one tap don't")
    void eachSourceIsByItself() {
        List<Timetable.Setting> both = Timetable.of(
                List.of(wish(70, 1), new Timetable.Wish(BARREL, 70, 1, Double.POSITIVE_INFINITY)),
                window("Hours", 0, 480, EVERY_DAY));
        assertThat(both.get(1).starts()).containsExactly(0);
    }

    @Test
    @DisplayName("420 minutes a week on seven days of an hour fit exactly; a minute more doesn't")
    void theHoursAreEnoughExactly() {
        WateringWindow hour = window("Hours", 60, 120, EVERY_DAY);
        assertThat(settings(hour, wish(210, 7), wish(210, 7))).noneMatch(Timetable.Setting::late);
        assertThat(settings(hour, wish(210, 7), wish(210, 7)).get(1).starts()).containsExactly(90);
        assertThat(settings(hour, wish(210, 7), wish(210.1, 7)).get(1).late()).isTrue();
        assertThat(settings(hour, wish(419.9, 1)).get(0).late()).isFalse();
        assertThat(settings(hour, wish(420.1, 1)).get(0).late()).isTrue();
    }

    @Test
    void aBanLeavesTheSoilDryIfTheGapIsTooWide() {
        WateringWindow twoDays = window("Hours", 0, 480, 1, 4);
        assertThat(settings(twoDays, wish(60, 4)).get(0).seldom()).isFalse();
        assertThat(settings(twoDays, wish(60, 3)).get(0).seldom()).isTrue();
        assertThat(settings(twoDays, wish(60, 3)).get(0).days()).containsExactly(1, 4);
        assertThat(settings(window("Hours", 0, 480, 3), wish(60, 7)).get(0).seldom())
                .isFalse();
    }

    @Test
    @DisplayName(
            "45 minutes with 20 at a stretch are three runs of 15 with an hour between; another zone runs meanwhile")
    void clayGetsPauses() {
        Timetable.Wish clay = new Timetable.Wish(TAP, 45, 7, 20);
        List<Timetable.Setting> both = settings(window("Hours", 0, 480, 1), clay, wish(60, 7));
        assertThat(both.get(0).starts()).containsExactly(0, 75, 150);
        assertThat(both.get(0).each()).isEqualTo(15);
        assertThat(both.get(1).starts()).containsExactly(15);
        assertThat(settings(window("Hours", 0, 480, 1), new Timetable.Wish(TAP, 20, 7, 20))
                        .get(0)
                        .starts())
                .containsExactly(0);
    }

    @Test
    void hoursPastMidnightAreTheTwoEndsOfADay() {
        WateringWindow night = window("Hours", 23 * 60, 60, EVERY_DAY);
        List<Timetable.Setting> three = settings(night, wish(60 * 7, 1), wish(60 * 7, 1), wish(7, 1));
        assertThat(three.get(0).starts()).containsExactly(0);
        assertThat(three.get(1).starts()).containsExactly(23 * 60);
        assertThat(three.get(2).late()).isTrue();
    }

    /** Whatever is asked: no two runs of a source at once, none outside of the hours, every minute given. */
    @Test
    void aTimetableKeepsItsPromises() {
        Random random = new Random(11);
        for (int i = 0; i < 500; i++) {
            int opens = random.nextInt(1440);
            int closes = 1 + random.nextInt(1440);
            if (closes == opens) {
                continue;
            }
            Integer[] days = IntStream.rangeClosed(1, 7)
                    .filter(day -> day == 3 || random.nextBoolean())
                    .boxed()
                    .toArray(Integer[]::new);
            WateringWindow window = window("Hours", opens, closes, days);
            List<Timetable.Wish> wishes = IntStream.range(0, 1 + random.nextInt(6))
                    .mapToObj(zone -> new Timetable.Wish(
                            random.nextBoolean() ? TAP : BARREL,
                            random.nextDouble() * 600,
                            1 + random.nextInt(7),
                            random.nextBoolean() ? 15 : Double.POSITIVE_INFINITY))
                    .toList();
            List<Timetable.Setting> settings = Timetable.of(wishes, window);
            List<int[]> runs = new ArrayList<>();
            for (int zone = 0; zone < wishes.size(); zone++) {
                Timetable.Setting set = settings.get(zone);
                assertThat(window.days()).containsAll(set.days());
                if (set.late()) {
                    continue;
                }
                assertThat((double) set.each()
                                * set.starts().size()
                                * set.days().size())
                        .isGreaterThanOrEqualTo(wishes.get(zone).minutes() - 1e-3);
                for (int start : set.starts()) {
                    assertThat(isAllowed(start, start + set.each(), window)).isTrue();
                    for (int day : set.days()) {
                        int source = wishes.get(zone).source().equals(TAP) ? 1 : 2;
                        runs.add(new int[] {source, day, start, start + set.each()});
                    }
                }
            }
            for (int[] a : runs) {
                assertThat(runs.stream()
                                .filter(b -> b != a && a[0] == b[0] && a[1] == b[1] && a[2] < b[3] && b[2] < a[3]))
                        .isEmpty();
            }
        }
    }

    private static boolean isAllowed(int from, int until, WateringWindow window) {
        return IntStream.range(from, until)
                .allMatch(minute -> window.opens() < window.closes()
                        ? minute >= window.opens() && minute < window.closes()
                        : minute < window.closes() || minute >= window.opens() && minute < 1440);
    }

    @Test
    void hoursThatAreNoneAreRefused() {
        assertThatThrownBy(() -> window("Hours", 60, 60, 1))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("closes");
        assertThatThrownBy(() -> window("Hours", -1, 60, 1)).hasMessageContaining("opens");
        assertThatThrownBy(() -> window("Hours", 0, 1441, 1)).hasMessageContaining("closes");
        assertThatThrownBy(() -> window("Hours", 0, 60)).hasMessageContaining("no day is left");
        assertThatThrownBy(() -> window("Hours", 0, 60, 8)).hasMessageContaining("days");
        assertThat(window("Hours", 0, 1440, 5, 2, 5).days()).containsExactly(2, 5);
    }

    @Test
    @DisplayName(
            "22 mm/h on clay that takes 5 mm/h stand 5 mm deep after 60 x 5 / 17 = 17.6 min and are gone in an hour"
                    + " [by hand]")
    void clayIsWateredInStretches() {
        RootSoil clay = RootSoil.of(bed("Beans", 5, 5, 2, 1).revisions().get(0), SqueezeTest.MAKES_A_RIBBON);
        assertThat(clay.longestRun(22).orElseThrow()).isCloseTo(17.6, within(0.1));
        assertThat(clay.longestRun(5)).isEmpty();
        assertThat(RootSoil.pause()).isEqualTo(60);
    }
}
