package fairacre.schedule;

import fairacre.staging.Lift;
import fairacre.work.Cure;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * On which day what is done, and by whom.
 *
 * @param begins the first day on which work could be done
 * @param finish the day on which all is done that could be laid down; empty where there is nothing
 * @param inUsualRain the same if as many days are lost as it usually rains; empty where nobody has told how often
 * @param stints what is done, day by day
 * @param days on which something is done, and what to mind then
 * @param tasks when each task is done, in the order in which they begin
 * @param unplaced tasks that can't be done, and why
 * @param busiest most hours that anybody works in a week
 * @param wished whether the finish is no later than is wished; empty where nothing is
 * @param hires machines, on which days they are needed
 */
public record WorkCalendar(
        LocalDate begins,
        Optional<LocalDate> finish,
        Optional<LocalDate> inUsualRain,
        List<Stint> stints,
        List<Day> days,
        List<Placed> tasks,
        List<Unplaced> unplaced,
        double busiest,
        Optional<Boolean> wished,
        List<Hired> hires) {

    public WorkCalendar {
        stints = List.copyOf(stints);
        days = List.copyOf(days);
        tasks = List.copyOf(tasks);
        unplaced = List.copyOf(unplaced);
        hires = List.copyOf(hires);
    }

    /**
     * A machine that is hired.
     *
     * @param days on which something is done with it
     * @param cost of the days that are booked; of those on which it is needed, if none is
     * @param idle days that are booked, on which nothing is done with it
     */
    public record Hired(UUID hire, List<LocalDate> days, Money cost, List<LocalDate> idle) {
        public Hired {
            days = List.copyOf(days);
            idle = List.copyOf(idle);
        }
    }

    /**
     * Some people at a task.
     *
     * @param from minutes after the beginning of the day's work
     */
    public record Stint(String task, LocalDate day, int from, int minutes, List<UUID> workers) {
        private static final int HOUR = 60;

        public Stint {
            workers = List.copyOf(workers);
        }

        /** From when to when, hours and minutes after the beginning of the day's work: "1:05 to 2:05". */
        public String span() {
            return clock(from) + " to " + clock(from + minutes);
        }

        private static String clock(int minute) {
            return "%d:%02d".formatted(minute / HOUR, minute % HOUR);
        }
    }

    /**
     * A day on which something is done.
     *
     * @param tools what is taken along; each once
     * @param cautions what can hurt somebody, and the usual care; each once
     */
    public record Day(LocalDate day, List<String> tools, List<String> cautions) {
        public Day {
            tools = List.copyOf(tools);
            cautions = List.copyOf(cautions);
        }
    }

    /**
     * When a task is done.
     *
     * @param slack days by which it may end later without the whole ending later; 0 for one that is critical
     * @param kept whether its day is settled
     * @param late days by which it begins later than it is wanted; 0 for less than a week, and where any day will do
     * @param held why it does not begin earlier
     */
    public record Placed(String task, LocalDate first, LocalDate last, int slack, boolean kept, int late, Held held) {}

    /**
     * Why something does not begin earlier.
     *
     * @param task what it waits for
     * @param cure for how long, after that
     * @param delivery what it waits for, if that is a delivery or hired
     * @param until the day until which it waits
     */
    public record Held(
            Cause cause, Optional<String> task, Optional<Cure> cure, Optional<String> delivery, LocalDate until) {}

    /** What something waits for. */
    public enum Cause {
        /** For nothing: the work begins. */
        BEGINNING,
        /** For another task to be done. */
        TASK,
        /** For something to cure. */
        CURE,
        /** For the day on which it is wanted. */
        WANTED,
        /** For the day that is settled for it. */
        KEPT,
        /** For something that was ordered. */
        DELIVERY,
        /** For the money with which its things are bought. */
        MONEY,
        /** For a day on which what is hired for it is there. */
        MACHINE,
        /** For the ground to thaw. */
        FROZEN,
        /** For somebody to have time. */
        PEOPLE
    }

    /**
     * A task that can't be done.
     *
     * @param task what it waits for, where that can't be done either
     * @param people so many may do it, where more are needed
     * @param lift what is too heavy for them
     * @param machine what is not there for long enough
     */
    public record Unplaced(
            String task,
            Trouble why,
            Optional<String> waitsFor,
            int needed,
            int people,
            Optional<Lift> lift,
            Optional<String> machine) {}

    /** Why something can't be done. */
    public enum Trouble {
        /** Nobody is put down for work. */
        NOBODY,
        /** It takes more people than there are who don't leave it to others. */
        TOO_FEW,
        /** Even together they don't lift what has to be lifted. */
        TOO_HEAVY,
        /** What is hired for it is not there for long enough. */
        NO_MACHINE,
        /** Not enough money comes in for it in the season. */
        NO_MONEY,
        /** Nobody has time for it within a year. */
        NO_TIME,
        /** What it waits for can't be done. */
        WAITS
    }

    /**
     * A task that begins on another day than before; both are empty where it can't be done.
     *
     * @param from the day so far
     * @param to the day now
     */
    public record Moved(String task, Optional<LocalDate> from, Optional<LocalDate> to) {}

    /** What begins on another day here than in another calendar, in this one's order. */
    public List<Moved> movedSince(WorkCalendar other) {
        return new CalendarChanges(other, this).moved();
    }
}
