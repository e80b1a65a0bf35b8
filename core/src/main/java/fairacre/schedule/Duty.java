package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.work.Cure;
import java.util.List;
import java.util.Optional;

/**
 * A task that is still to be done.
 *
 * @param task its key
 * @param work minutes at the pace of the rates, of all who do it together; more than 0
 * @param people who have to be there at once
 * @param notBefore the first day, counted from the beginning; 0 or more
 * @param kept whether that day is settled
 * @param wanted the day on which it is wanted, below 0 if that is past; empty where any will do
 * @param arrival what has to arrive first, if that is not there on the first day; its day is one of {@code notBefore}
 *     and days before it
 * @param before what is waited for
 */
record Duty(
        String task,
        Stage stage,
        double work,
        int people,
        int notBefore,
        boolean kept,
        Optional<Integer> wanted,
        Optional<Arrivals.Arrival> arrival,
        List<Before> before) {

    Duty {
        before = List.copyOf(before);
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
