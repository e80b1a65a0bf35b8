package fairacre.schedule;

import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Stage;
import fairacre.crew.Worker;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.jgrapht.Graph;
import org.jgrapht.alg.shortestpath.BellmanFordShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Networks of duties, laid down, with their slack and their bound. */
class ScheduleTest {

    /** So long that a duty of one day is done on a day and no longer one is. */
    private static final double QUARTER = 0.25;

    private static final int MINUTES = 15;

    /** A quarter of an hour each day, for some stages only. */
    private static Worker worker(String name, Stage... only) {
        return new Worker(
                id(name),
                name,
                Collections.nCopies(7, QUARTER),
                List.of(),
                List.of(),
                1,
                Arrays.stream(Stage.values())
                        .filter(stage -> !List.of(only).contains(stage))
                        .toList());
    }

    private static WorkingDays days(Worker... workers) {
        Plan plan =
                with(plot(10, 8, List.of()), Arrays.stream(workers).map(Put::of).toArray(Change[]::new));
        return WorkingDays.of(plan, SeededWork.BEGINS, Optional.empty());
    }

    private static Duty duty(String name, Stage stage, double minutes, Integer... before) {
        return duty(name, new Demand(stage, 1, id("Place"), false, Optional.empty()), minutes, before);
    }

    private static Duty duty(String name, Demand demand, double minutes, Integer... before) {
        return new Duty(
                name,
                demand,
                minutes,
                0,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Arrays.stream(before)
                        .map(each -> new Duty.Before("", Optional.of(each), Optional.empty(), 0))
                        .toList());
    }

    private static ListSchedule plain(Problem problem) {
        ListSchedule schedule = ListSchedule.of(problem, problem.byWhatFollows());
        ScheduleCheck.isSound(schedule);
        return schedule;
    }

    /**
     * Activities A to N in weeks; a day stands for a week here. Nobody is held up by anybody else, since each does what
     * follows in a row.
     */
    @Test
    @DisplayName("44 weeks and the slack of each activity [Hillier and Lieberman, Introduction to Operations Research:"
            + " Reliable Construction Company, from memory]")
    void aTextbookNetwork() {
        int[] weeks = {2, 4, 10, 6, 4, 5, 7, 9, 7, 8, 4, 5, 2, 6};
        Integer[][] before = {{}, {0}, {1}, {2}, {2}, {4}, {3}, {4, 6}, {2}, {5, 8}, {9}, {9}, {7}, {10, 11}};
        Stage[] stages = Stage.values();
        List<Duty> duties = IntStream.range(0, weeks.length)
                .mapToObj(i -> duty("" + (char) ('A' + i), stages[i], weeks[i] * MINUTES, before[i]))
                .toList();
        Problem problem = new Problem(
                days(
                        worker("One", stages[0], stages[1], stages[2], stages[4], stages[5]),
                        worker("Two", stages[3], stages[6], stages[7], stages[12]),
                        worker("Three", stages[8]),
                        worker("Four", stages[9], stages[10]),
                        worker("Five", stages[11], stages[13])),
                SeededWork.ANYBODY,
                duties);
        ListSchedule schedule = plain(problem);
        assertThat(schedule.finish()).isEqualTo(43 * WorkingDays.DAY + MINUTES);
        assertThat(Slack.of(schedule)).containsExactly(0, 0, 0, 4, 0, 0, 4, 4, 2, 0, 1, 0, 4, 0);
        assertThat(Bound.of(problem, schedule.finish())).isEqualTo(schedule.finish());
    }

    @Test
    @DisplayName("where nobody is short of people, the longest path through the network [JGraphT]")
    void longestPath() {
        Stage[] stages = Stage.values();
        WorkingDays days = days(IntStream.range(0, 10)
                .mapToObj(i -> worker("Worker " + i, stages[i]))
                .toArray(Worker[]::new));
        for (int seed = 0; seed < 30; seed++) {
            Random random = new Random(seed);
            Graph<Integer, DefaultWeightedEdge> graph = new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
            IntStream.rangeClosed(0, 11).forEach(graph::addVertex);
            List<Duty> duties = new ArrayList<>();
            for (int i = 0; i < 10; i++) {
                int length = 1 + random.nextInt(6);
                Integer[] before = IntStream.range(0, i)
                        .filter(each -> random.nextInt(3) == 0)
                        .boxed()
                        .toArray(Integer[]::new);
                duties.add(duty("duty " + i, stages[i], length * MINUTES, before));
                graph.setEdgeWeight(graph.addEdge(10, i), 0);
                graph.setEdgeWeight(graph.addEdge(i, 11), -length);
                for (int each : before) {
                    graph.setEdgeWeight(
                            graph.addEdge(each, i), -duties.get(each).work() / MINUTES);
                }
            }
            Problem problem = new Problem(days, SeededWork.ANYBODY, duties);
            double longest = -new BellmanFordShortestPath<>(graph).getPathWeight(10, 11);
            int last = plain(problem).finish() / WorkingDays.DAY;
            assertThat(last + 1).isEqualTo((int) longest);
            assertThat(Bound.of(problem, WorkingDays.DAYS * WorkingDays.DAY) / WorkingDays.DAY)
                    .isEqualTo(last);
        }
    }

    /** Short duties of two people on one long day, which nobody has to break off. */
    @Test
    @DisplayName("no worse than every order and every way to share out up to seven duties [exhaustive search]")
    void exhaustive() {
        List<Double> gaps = new ArrayList<>();
        for (int seed = 0; seed < 12; seed++) {
            Random random = new Random(seed);
            List<Duty> duties = IntStream.range(0, 7)
                    .mapToObj(i -> duty(
                            "duty " + i,
                            Stage.FRAMES,
                            10 + random.nextInt(50),
                            IntStream.range(0, i)
                                    .filter(each -> random.nextInt(4) == 0)
                                    .boxed()
                                    .toArray(Integer[]::new)))
                    .toList();
            Worker[] two = IntStream.range(0, 2)
                    .mapToObj(i ->
                            new Worker(id("w" + i), "w" + i, Collections.nCopies(7, 10.0), null, null, 1, List.of()))
                    .toArray(Worker[]::new);
            Problem problem = new Problem(days(two), SeededWork.ANYBODY, duties);
            ListSchedule start = plain(problem);
            int found = AnnealedOrder.of(start, 1000, () -> {})
                    .map(better -> better.schedule().finish())
                    .orElse(start.finish());
            int best = best(duties, new int[7], new int[2], 0);
            assertThat(found).isEqualTo(best);
            assertThat(Bound.of(problem, found)).isLessThanOrEqualTo(best);
            gaps.add(start.finish() / (double) best);
        }
        assertThat(gaps).anySatisfy(gap -> assertThat(gap).isGreaterThan(1));
    }

    /** The earliest end of all that is left, by who does which next. */
    private static int best(List<Duty> duties, int[] ends, int[] free, int done) {
        if (done == (1 << duties.size()) - 1) {
            return Arrays.stream(ends).max().orElseThrow();
        }
        int best = Integer.MAX_VALUE;
        for (int i = 0; i < duties.size(); i++) {
            Duty duty = duties.get(i);
            int left = done;
            if ((done >> i & 1) == 1
                    || duty.before().stream()
                            .anyMatch(each -> (left >> each.duty().orElseThrow() & 1) == 0)) {
                continue;
            }
            int ready = duty.before().stream()
                    .mapToInt(each -> ends[each.duty().orElseThrow()])
                    .max()
                    .orElse(0);
            for (int w = 0; w < free.length; w++) {
                int[] nextEnds = ends.clone();
                int[] nextFree = free.clone();
                nextEnds[i] = Math.max(ready, free[w]) + (int) duty.work();
                nextFree[w] = nextEnds[i];
                best = Math.min(best, best(duties, nextEnds, nextFree, done | 1 << i));
            }
        }
        return best;
    }

    @Test
    @DisplayName("400 tasks, four people: sound, and half of 50 within 5 % of a bound that none can beat")
    void seeded() {
        List<Double> gaps = new ArrayList<>();
        for (int seed = 1; seed <= 50; seed++) {
            Problem problem = SeededWork.of(seed, 400, 4);
            ListSchedule start = plain(problem);
            int finish = AnnealedOrder.of(start, 20, () -> {})
                    .map(better -> better.schedule().finish())
                    .orElse(start.finish());
            assertThat(finish).isLessThanOrEqualTo(start.finish());
            int bound = Bound.of(problem, finish);
            gaps.add((finish - bound) / (double) bound);
        }
        Collections.sort(gaps);
        assertThat(gaps.get(0)).isNotNegative();
        assertThat(gaps.get(gaps.size() / 2)).isLessThan(0.05);
    }

    @Test
    void theSameAnswerEveryTime() {
        Map<Integer, List<ListSchedule.Laid>> found = new HashMap<>();
        for (int time = 0; time < 2; time++) {
            ListSchedule start = plain(SeededWork.of(1, 60, 4));
            found.put(
                    time,
                    AnnealedOrder.of(start, 100, () -> {})
                            .orElseThrow()
                            .schedule()
                            .laid());
        }
        assertThat(found.get(0)).isEqualTo(found.get(1));
    }

    @Test
    @DisplayName("a pair at paces of 1 and 0.5 does 90 minutes' work in an hour, one of 0.5 half an hour's [by hand]")
    void paces() {
        Worker brisk = new Worker(id("b"), "b", Collections.nCopies(7, 8.0), null, null, 1, List.of());
        Worker slow = new Worker(id("s"), "s", Collections.nCopies(7, 8.0), null, null, 0.5, List.of(Stage.GATES));
        Duty pair = duty("pair", new Demand(Stage.FILL, 2, id("Place"), false, Optional.empty()), 90);
        assertThat(plain(new Problem(days(brisk, slow), SeededWork.ANYBODY, List.of(pair)))
                        .finish())
                .isEqualTo(60);
        assertThat(plain(new Problem(days(slow), SeededWork.ANYBODY, List.of(duty("alone", Stage.FILL, 30))))
                        .finish())
                .isEqualTo(60);
        // Who leaves it to others does not help.
        ListSchedule nobody =
                plain(new Problem(days(slow), SeededWork.ANYBODY, List.of(duty("gate", Stage.GATES, 30))));
        assertThat(nobody.isWhole()).isFalse();
        assertThat(nobody.laid()).isEmpty();
    }

    @Test
    void aCircleIsRefused() {
        assertThatThrownBy(() ->
                        new Problem(days(worker("One")), SeededWork.ANYBODY, List.of(duty("a", Stage.FILL, 5, 0))))
                .hasMessageContaining("a waits for what stands after it");
    }

    @Test
    @DisplayName("work goes on another day rather than be left for less than a quarter of an hour [by hand]")
    void crumbs() {
        Worker hourly = new Worker(id("h"), "h", Collections.nCopies(7, 1.0), null, null, 1, List.of());
        Problem problem = new Problem(days(hourly), SeededWork.ANYBODY, List.of(duty("long", Stage.FILL, 70)));
        assertThat(plain(problem).laid())
                .extracting(piece -> piece.span().minutes())
                .containsExactly(55, 15);
        assertThat(plain(problem).finish()).isCloseTo(WorkingDays.DAY + 15, within(0));
    }
}
