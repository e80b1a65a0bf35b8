package fairacre.schedule;

import fairacre.crew.Worker;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Duties, and who may do them. What waits comes after what it waits for. */
final class Problem {

    private static final double HAIR = 1e-6;

    private final WorkingDays days;
    private final List<Duty> duties;
    /** Of each duty, those that it waits for, and those that wait for it. */
    private final List<List<Integer>> before = new ArrayList<>();

    private final List<List<Integer>> after = new ArrayList<>();
    private final Able crew;
    private final Map<Demand, List<Team>> teams = new HashMap<>();
    private final Map<Demand, List<Integer>> able = new HashMap<>();

    /** @throws IllegalArgumentException if a duty stands before one that it waits for */
    Problem(WorkingDays days, Able crew, List<Duty> duties) {
        this.days = days;
        this.crew = crew;
        this.duties = List.copyOf(duties);
        for (int i = 0; i < duties.size(); i++) {
            after.add(new ArrayList<>());
            before.add(duties.get(i).before().stream()
                    .flatMap(each -> each.duty().stream())
                    .distinct()
                    .toList());
            for (int first : before.get(i)) {
                if (first >= i) {
                    throw new IllegalArgumentException(duties.get(i).task() + " waits for what stands after it");
                }
                after.get(first).add(i);
            }
        }
    }

    /** Some who work on a piece together. */
    record Team(List<Integer> workers, double pace) {
        /** Minutes that they take for a piece. */
        int minutes(double work) {
            return Math.max(1, (int) Math.ceil(work / pace - HAIR));
        }
    }

    WorkingDays days() {
        return days;
    }

    List<Duty> duties() {
        return duties;
    }

    List<Integer> before(int duty) {
        return before.get(duty);
    }

    List<Integer> after(int duty) {
        return after.get(duty);
    }

    /**
     * All teams that may do a duty: of as few as it takes, and of more if nothing fewer lift what has to be lifted.
     * None if there are too few.
     */
    List<Team> teams(Duty duty) {
        return teams.computeIfAbsent(
                duty.demand(),
                demand -> IntStream.rangeClosed(demand.people(), Math.max(demand.people(), Able.MOST_LIFTERS))
                        .mapToObj(people -> teams(able(duty), people).stream()
                                .filter(team -> Able.lift(workers(team), demand))
                                .toList())
                        .filter(found -> !found.isEmpty())
                        .findFirst()
                        .orElse(List.of()));
    }

    private List<Worker> workers(Team team) {
        return team.workers().stream().map(days.workers()::get).toList();
    }

    /** Workers who may do a duty. */
    List<Integer> able(Duty duty) {
        return able.computeIfAbsent(
                duty.demand(),
                demand -> IntStream.range(0, days.workers().size())
                        .filter(w -> crew.may(days.workers().get(w), demand))
                        .boxed()
                        .toList());
    }

    /** The same work with other duties in the places of some. */
    Problem with(List<Duty> others) {
        return new Problem(days, crew, others);
    }

    private List<Team> teams(List<Integer> able, int people) {
        List<Team> found = new ArrayList<>();
        choose(able, people, 0, new ArrayList<>(), found);
        return found;
    }

    private void choose(List<Integer> able, int people, int from, List<Integer> chosen, List<Team> found) {
        if (chosen.size() == people) {
            List<Worker> workers = days.workers();
            found.add(new Team(
                    List.copyOf(chosen),
                    chosen.stream().mapToDouble(w -> workers.get(w).pace()).sum()));
            return;
        }
        for (int i = from; i < able.size(); i++) {
            chosen.add(able.get(i));
            choose(able, people, i + 1, chosen, found);
            chosen.remove(chosen.size() - 1);
        }
    }

    /**
     * The order in which duties are taken up: first what is settled for a day and what comes before it, by that day;
     * then by the time that is left after the beginning of each, the longest first.
     */
    int[] byWhatFollows() {
        double[] rest = new double[duties.size()];
        for (int i = duties.size() - 1; i >= 0; i--) {
            for (int next : after.get(i)) {
                rest[i] = Math.max(rest[i], rest[next] + cure(i, next) * (double) WorkingDays.DAY);
            }
            rest[i] += duties.get(i).work();
        }
        return ranks(Comparator.comparingDouble(i -> -rest[i]));
    }

    /** Ranks by an order of numbers of duties, what is settled for a day first. */
    int[] ranks(Comparator<Integer> order) {
        int[] due = dueDays();
        List<Integer> sorted = IntStream.range(0, duties.size())
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(i -> due[i])
                        .thenComparing(order)
                        .thenComparing(Comparator.naturalOrder()))
                .toList();
        int[] ranks = new int[sorted.size()];
        for (int i = 0; i < ranks.length; i++) {
            ranks[sorted.get(i)] = i;
        }
        return ranks;
    }

    /** The days for which something has to cure between two duties. */
    int cure(int first, int next) {
        return duties.get(next).before().stream()
                .filter(each -> each.duty().filter(duty -> duty == first).isPresent())
                .mapToInt(Duty.Before::days)
                .max()
                .orElse(0);
    }

    /** The first day for which each duty, or one that waits for it, is settled; a day far off if none is. */
    private int[] dueDays() {
        int[] due = new int[duties.size()];
        for (int i = duties.size() - 1; i >= 0; i--) {
            due[i] = duties.get(i).kept() ? duties.get(i).notBefore() : WorkingDays.DAYS;
            for (int next : after.get(i)) {
                due[i] = Math.min(due[i], due[next]);
            }
        }
        return due;
    }
}
