package fairacre.schedule;

import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;

import fairacre.bill.Stage;
import fairacre.crew.Worker;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.work.Cure;
import fairacre.work.Precedence;
import fairacre.work.Precedence.Scope;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Invented work of gardens: tasks at beds, walks and fences, and people with hours on some days of the week. */
final class SeededWork {

    static final LocalDate BEGINS = LocalDate.parse("2027-03-01");
    private static final List<List<Stage>> PLACES = List.of(
            List.of(Stage.FRAMES, Stage.FILL, Stage.LINES, Stage.PLANTING, Stage.MULCH),
            List.of(Stage.DIGGING, Stage.BASE, Stage.SURFACES),
            List.of(Stage.POSTS, Stage.MESH, Stage.GATES),
            List.of(Stage.PIPES),
            List.of(Stage.STRUCTURES),
            List.of(Stage.CLEARING));

    /** All do what they don't leave to others. */
    static final Able ANYBODY = Able.of(plot(10, 10, List.of()), BEGINS.getYear());

    private final Random random;

    private SeededWork(int seed) {
        this.random = new Random(seed);
    }

    private record Task(Stage stage, int place) {}

    static Problem of(int seed, int tasks, int workers) {
        return new SeededWork(seed).problem(tasks, workers);
    }

    private Problem problem(int count, int workers) {
        List<Task> tasks = new ArrayList<>();
        for (int place = 0; tasks.size() < count; place++) {
            int number = place;
            PLACES.get(place < PLACES.size() ? place : chosen()).forEach(stage -> tasks.add(new Task(stage, number)));
        }
        List<Task> sorted = tasks.subList(0, count).stream()
                .sorted((one, other) -> one.stage().compareTo(other.stage()))
                .toList();
        WorkingDays days = WorkingDays.of(crew(workers), BEGINS, Optional.empty());
        return new Problem(
                days,
                ANYBODY,
                IntStream.range(0, count)
                        .mapToObj(i -> duty(i, sorted, workers))
                        .toList());
    }

    /** Beds mostly. */
    private int chosen() {
        return Math.max(0, random.nextInt(PLACES.size() + 4) - 4);
    }

    private Duty duty(int number, List<Task> tasks, int workers) {
        Task task = tasks.get(number);
        int people = workers > 1 && random.nextInt(8) == 0 ? 2 : 1;
        int work = 10 + random.nextInt(140);
        List<Duty.Before> before = IntStream.range(0, number)
                .boxed()
                .flatMap(first -> Precedence.ALL.stream()
                        .filter(by -> by.before() == tasks.get(first).stage()
                                && by.after() == task.stage()
                                && (by.scope() == Scope.GARDEN
                                        || tasks.get(first).place() == task.place()))
                        .map(by -> new Duty.Before(
                                "task " + first,
                                Optional.of(first),
                                Optional.of(new Cure(4, "Concrete cures.")).filter(cure -> by.before() == Stage.POSTS),
                                0)))
                .toList();
        return new Duty(
                "task " + number,
                new Demand(task.stage(), people, id("Place " + task.place()), false, Optional.empty()),
                work,
                0,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                before);
    }

    private Plan crew(int workers) {
        return with(
                plot(10, 10, List.of()),
                IntStream.range(0, workers).mapToObj(this::worker).map(Put::of).toArray(Change[]::new));
    }

    private Worker worker(int number) {
        List<Double> hours = Stream.concat(
                        Stream.generate(() -> random.nextInt(3) == 0 ? 1.0 + random.nextInt(3) : 0.0)
                                .limit(5),
                        Stream.generate(() -> 3.0 + random.nextInt(5)).limit(2))
                .toList();
        double pace = List.of(1.0, 1.0, 0.8, 0.5).get(random.nextInt(4));
        return new Worker(id("Worker " + number), "Worker " + number, hours, List.of(), List.of(), pace, List.of());
    }
}
