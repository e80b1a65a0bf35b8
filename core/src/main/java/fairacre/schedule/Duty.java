package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.work.Cure;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A task that is still to be done.
 *
 * @param task its key
 * @param work minutes at the pace of the rates, of all who do it together; more than 0
 * @param notBefore the first day, counted from the beginning; 0 or more
 * @param kept whether that day is settled
 * @param wanted the day on which it is wanted, below 0 if that is past; empty where any will do
 * @param arrival what has to arrive first, if that is not there on the first day; its day is one of {@code notBefore}
 *     and days before it
 * @param machines days on which all that is hired for it is there, counted from the beginning; empty where nothing is
 *     booked for it
 * @param before what is waited for
 */
record Duty(
        String task,
        Demand demand,
        double work,
        int notBefore,
        boolean kept,
        Optional<Integer> wanted,
        Optional<Arrivals.Arrival> arrival,
        Optional<Set<Integer>> machines,
        List<Before> before) {

    Duty {
        before = List.copyOf(before);
        machines = machines.map(Set::copyOf);
    }

    Stage stage() {
        return demand.stage();
    }

    int people() {
        return demand.people();
    }

    /** The same on some days alone, for the sake of a machine. */
    Duty on(Set<Integer> days) {
        return new Duty(task, demand, work, notBefore, kept, wanted, arrival, Optional.of(days), before);
    }

    /** Whether what is hired for it is there on a day. */
    boolean hasMachines(int day) {
        return machines.map(days -> days.contains(day)).orElse(true);
    }

    /**
     * Something that comes first.
     *
     * @param duty its number; empty if it is done
     * @param done the day on which it was done, counted from the beginning, below 0 if it was before; 0 if it is a duty
     */
    record Before(String task, Optional<Integer> duty, Optional<Cure> cure, int done) {

        int days() {
            return cure.map(Cure::days).orElse(0);
        }

        /** The time from which on it is no longer waited for, if it ends at a time. */
        int over(int end) {
            return days() == 0 ? end : (Math.max(0, end - 1) / WorkingDays.DAY + days()) * WorkingDays.DAY;
        }

        /** The same of something that is done. */
        int overSince() {
            return Math.max(0, done + days()) * WorkingDays.DAY;
        }
    }
}
