package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.crew.CrewKinds;
import fairacre.crew.Hire;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.Money;

/** What is hired in a season, and on which days it is there. */
final class Machines {

    /** So many days after the last one on which a machine would be needed anyway, other days are tried. */
    private static final int LATER = 56;

    private final List<Hire> hires;

    private Machines(List<Hire> hires) {
        this.hires = hires;
    }

    static Machines of(Plan plan, int season) {
        return new Machines(plan.list(CrewKinds.HIRES).stream()
                .filter(hire -> hire.season() == season)
                .toList());
    }

    private Stream<Hire> at(Stage stage) {
        return hires.stream().filter(hire -> hire.stages().contains(stage));
    }

    /** Days on which all that is booked for a stage is there; empty where nothing is. */
    Optional<Set<Integer>> booked(Stage stage, WorkingDays days) {
        return at(stage)
                .filter(hire -> !hire.booked().isEmpty())
                .map(hire -> hire.booked().stream().map(days::day).collect(Collectors.toSet()))
                .reduce((one, other) -> one.stream().filter(other::contains).collect(Collectors.toSet()));
    }

    /** What is hired for a stage. */
    String names(Stage stage) {
        return at(stage).map(Hire::name).collect(Collectors.joining(", "));
    }

    /** On which days each is needed, which days are booked for nothing, and what it costs. */
    List<WorkCalendar.Hired> told(ListSchedule schedule) {
        WorkingDays days = schedule.problem().days();
        return hires.stream()
                .map(hire -> {
                    TreeMap<Integer, Integer> minutes = new TreeMap<>();
                    schedule.laid().stream()
                            .filter(piece -> hire.stages().contains(stage(schedule, piece.duty())))
                            .forEach(piece ->
                                    minutes.merge(piece.day(), piece.span().minutes(), Integer::sum));
                    Set<Integer> idle = new TreeSet<>();
                    hire.booked().stream()
                            .map(days::day)
                            .filter(day -> day >= 0 && !minutes.containsKey(day))
                            .forEach(idle::add);
                    return new WorkCalendar.Hired(
                            hire.id(),
                            minutes.keySet().stream().map(days::date).toList(),
                            hire.cost(
                                    hire.booked().isEmpty()
                                            ? minutes.keySet().stream()
                                                    .map(days::date)
                                                    .toList()
                                            : hire.booked()),
                            idle.stream().map(days::date).toList());
                })
                .toList();
    }

    private static Stage stage(ListSchedule schedule, int duty) {
        return schedule.problem().duties().get(duty).stage();
    }

    /**
     * The same work with each machine for which no day is booked on as few days as are found: its work is begun later,
     * once enough of it can be done in one go. Machine by machine every first day is tried; of those on which the
     * fewest days are needed the cheapest is taken, and of these the one with the earliest end. What can't be laid down
     * whole is left as it is.
     */
    ListSchedule onFewestDays(ListSchedule plain) {
        ListSchedule best = plain;
        for (Hire hire : byFirstStage()) {
            best = onFewestDays(hire, best);
        }
        return best;
    }

    private List<Hire> byFirstStage() {
        return hires.stream()
                .filter(hire -> hire.booked().isEmpty())
                .sorted(Comparator.comparing(hire -> hire.stages().get(0)))
                .toList();
    }

    private static ListSchedule onFewestDays(Hire hire, ListSchedule plain) {
        Set<Integer> needed = daysOf(hire, plain);
        if (needed.size() < 2 || !plain.isWhole()) {
            return plain;
        }
        int first = needed.stream().min(Comparator.naturalOrder()).orElseThrow();
        int last = needed.stream().max(Comparator.naturalOrder()).orElseThrow();
        List<ListSchedule> found = new ArrayList<>(List.of(plain));
        IntStream.rangeClosed(first, Math.min(WorkingDays.DAYS - 1, last + LATER))
                .filter(day -> isWorked(plain.problem().days(), day))
                .mapToObj(day -> from(hire, plain, day))
                .filter(ListSchedule::isWhole)
                .forEach(found::add);
        ListSchedule best = found.stream()
                .min(Comparator.comparingInt(days(hire))
                        .thenComparing(each -> cost(hire, each))
                        .thenComparingInt(ListSchedule::finish))
                .orElseThrow();
        return best == plain ? plain : fixed(hire, best);
    }

    private static ToIntFunction<ListSchedule> days(Hire hire) {
        return schedule -> daysOf(hire, schedule).size();
    }

    private static Money cost(Hire hire, ListSchedule schedule) {
        return hire.cost(daysOf(hire, schedule).stream()
                .map(schedule.problem().days()::date)
                .toList());
    }

    private static Set<Integer> daysOf(Hire hire, ListSchedule schedule) {
        return schedule.laid().stream()
                .filter(piece -> hire.stages().contains(stage(schedule, piece.duty())))
                .map(ListSchedule.Laid::day)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static boolean isWorked(WorkingDays days, int day) {
        return IntStream.range(0, days.workers().size()).anyMatch(worker -> days.room(worker, day) > 0);
    }

    /** The work with a machine begun on a day, and gone on with before all else. */
    private static ListSchedule from(Hire hire, ListSchedule plain, int day) {
        Problem problem = limited(
                hire,
                plain.problem(),
                IntStream.range(day, WorkingDays.DAYS).boxed().collect(Collectors.toSet()));
        int[] begins = begins(plain);
        return ListSchedule.of(
                problem,
                problem.ranks(Comparator.<Integer>comparingInt(i ->
                                hire.stages().contains(problem.duties().get(i).stage()) ? 0 : 1)
                        .thenComparingInt(i -> begins[i])));
    }

    /** The same calendar, of which the days are settled on which the machine is there. */
    private static ListSchedule fixed(Hire hire, ListSchedule found) {
        Problem problem = limited(hire, found.problem(), daysOf(hire, found));
        int[] begins = begins(found);
        ListSchedule again = ListSchedule.of(problem, problem.ranks(Comparator.comparingInt(i -> begins[i])));
        return again.isWhole()
                        && daysOf(hire, again).size() <= daysOf(hire, found).size()
                ? again
                : found;
    }

    private static int[] begins(ListSchedule schedule) {
        int[] begins = new int[schedule.problem().duties().size()];
        Arrays.fill(begins, Integer.MAX_VALUE);
        schedule.laid().forEach(piece -> begins[piece.duty()] = Math.min(begins[piece.duty()], piece.begins()));
        return begins;
    }

    private static Problem limited(Hire hire, Problem problem, Collection<Integer> days) {
        return problem.with(problem.duties().stream()
                .map(duty -> hire.stages().contains(duty.stage())
                        ? duty.on(
                                days.stream().filter(duty::hasMachines).collect(Collectors.toCollection(HashSet::new)))
                        : duty)
                .toList());
    }
}
