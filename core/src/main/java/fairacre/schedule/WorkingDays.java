package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.crew.CrewKinds;
import fairacre.crew.RainDay;
import fairacre.crew.Worker;
import fairacre.plan.Plan;
import fairacre.water.Climate;
import fairacre.water.Evapotranspiration;
import fairacre.water.MonthNormals;
import fairacre.water.WaterKinds;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Who has how much time on which day, in minutes from the beginning of the day's work. */
final class WorkingDays {

    static final int HOUR = 60;
    /** Minutes of a day. */
    static final int DAY = (int) Worker.MOST_HOURS * HOUR;

    static final int WEEK = 7;
    /** So many days are looked at: a year and a month. */
    static final int DAYS = 400;
    /** What is not done on frozen ground (common practice). */
    private static final Set<Stage> IN_THE_GROUND =
            EnumSet.of(Stage.CLEARING, Stage.DIGGING, Stage.PIPES, Stage.BASE, Stage.FILL, Stage.POSTS);

    private static final double FURTHEST_NORTH = 66;
    private static final double WHOLE_DAY = 24;
    /** So that hours that are whole minutes stay so. */
    private static final double HAIR = 1e-6;

    private final LocalDate begins;
    private final List<Worker> workers;
    private final Optional<Climate> climate;
    private final double latitude;
    private final boolean usualRain;
    /** By worker and day. */
    private final int[][] room;

    private final boolean[] frozen = new boolean[DAYS + 1];

    private WorkingDays(LocalDate begins, Plan plan, Set<LocalDate> lost, boolean usualRain) {
        this.begins = begins;
        this.workers = plan.list(CrewKinds.WORKERS);
        this.climate = plan.list(WaterKinds.CLIMATES).stream().findFirst();
        this.latitude = plan.site().latitude();
        this.usualRain = usualRain;
        this.room = new int[workers.size()][DAYS];
        for (int day = 0; day < DAYS; day++) {
            if (!lost.contains(date(day))) {
                fill(day);
            }
        }
        for (int day = 0; day <= DAYS; day++) {
            frozen[day] = isFrozen(date(day));
        }
    }

    /** @param rain one more day that is lost */
    static WorkingDays of(Plan plan, LocalDate begins, Optional<LocalDate> rain) {
        return new WorkingDays(begins, plan, lost(plan, rain), false);
    }

    /**
     * The same, of each day only the share that is usually dry: as many days are lost as in a usual year, though nobody
     * knows which. Empty where nobody has told how many days it rains.
     */
    static Optional<WorkingDays> withUsualRain(Plan plan, LocalDate begins) {
        return plan.list(WaterKinds.CLIMATES).stream()
                .filter(climate -> climate.months().stream()
                        .allMatch(month -> month.rainyDays().isPresent()))
                .findFirst()
                .map(climate -> new WorkingDays(begins, plan, lost(plan, Optional.empty()), true));
    }

    private static Set<LocalDate> lost(Plan plan, Optional<LocalDate> rain) {
        return Stream.concat(plan.list(CrewKinds.RAIN_DAYS).stream().map(RainDay::day), rain.stream())
                .collect(Collectors.toSet());
    }

    /** The share of a day that counts. */
    private double dry(int day) {
        LocalDate date = date(day);
        return usualRain ? 1 - month(date).flatMap(MonthNormals::rainyDays).orElse(0.0) / date.lengthOfMonth() : 1;
    }

    private Optional<MonthNormals> month(LocalDate date) {
        return climate.map(known -> known.months().get(date.getMonthValue() - 1));
    }

    private void fill(int day) {
        double light = daylight(date(day));
        for (int w = 0; w < workers.size(); w++) {
            room[w][day] = (int) (Math.min(light, workers.get(w).hours(date(day))) * HOUR * dry(day) + HAIR);
        }
    }

    /**
     * Hours from sunrise to sunset (FAO Irrigation and Drainage Paper 56, equation 34); beyond 66 degrees, where the
     * formula ends, the whole day.
     */
    private double daylight(LocalDate day) {
        return Math.abs(latitude) > FURTHEST_NORTH
                ? WHOLE_DAY
                : Evapotranspiration.on(new Evapotranspiration.Place(latitude, 0), day.getDayOfYear())
                        .daylight();
    }

    List<Worker> workers() {
        return workers;
    }

    LocalDate date(int day) {
        return begins.plusDays(day);
    }

    int day(LocalDate date) {
        return (int) ChronoUnit.DAYS.between(begins, date);
    }

    /** Minutes that a worker has on a day. */
    int room(int worker, int day) {
        return room[worker][day];
    }

    /** The number of a day's week, which begins on a Monday. */
    int week(int day) {
        return (day + begins.getDayOfWeek().getValue() - 1) / WEEK;
    }

    /** Whether a duty can be worked at on a day: its machines are there, and the ground is not usually frozen then. */
    boolean open(Duty duty, int day) {
        return duty.hasMachines(day) && !frozen(duty.stage(), day);
    }

    /** Whether the ground is usually too hard for a stage. */
    boolean frozen(Stage stage, int day) {
        return inTheGround(stage) && frozen[day];
    }

    boolean inTheGround(Stage stage) {
        return IN_THE_GROUND.contains(stage);
    }

    private boolean isFrozen(LocalDate date) {
        return month(date).filter(month -> month.lowest() + month.highest() < 0).isPresent();
    }
}
