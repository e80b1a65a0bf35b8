package fairacre.schedule;

import fairacre.schedule.Problem.Team;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Who is taken when. */
final class Timetable {

    private final WorkingDays days;
    /** By worker and day; null where nothing is taken. */
    private final List<List<List<Span>>> taken = new ArrayList<>();

    private final int[][] left;
    private final int[][] leftOfWeek;

    /** From one minute of a day to another. */
    record Span(int from, int to) {
        boolean holds(int minute) {
            return from <= minute && minute < to;
        }

        int minutes() {
            return to - from;
        }
    }

    /** @param weekly minutes that each worker works at most in a week */
    Timetable(WorkingDays days, int weekly) {
        this.days = days;
        int workers = days.workers().size();
        this.left = new int[workers][WorkingDays.DAYS];
        this.leftOfWeek = new int[workers][days.week(WorkingDays.DAYS) + 1];
        for (int w = 0; w < workers; w++) {
            taken.add(new ArrayList<>());
            for (int day = 0; day < WorkingDays.DAYS; day++) {
                taken.get(w).add(null);
                left[w][day] = days.room(w, day);
            }
            Arrays.fill(leftOfWeek[w], weekly);
        }
    }

    /** Whether everybody of a team has so many minutes left on a day, be it in several parts. */
    boolean hasTime(Team team, int day, int minutes) {
        for (int w : team.workers()) {
            if (left[w][day] < minutes || leftOfWeek[w][days.week(day)] < minutes) {
                return false;
            }
        }
        return true;
    }

    /** The first part of a day from a minute on in which nobody of a team is taken; empty if there is none. */
    Optional<Span> free(Team team, int day, int from) {
        int at = from;
        for (Optional<Span> in = busy(team, day, at); in.isPresent(); in = busy(team, day, at)) {
            at = in.get().to();
        }
        int to = WorkingDays.DAY;
        for (int w : team.workers()) {
            to = Math.min(to, Math.min(days.room(w, day), at + leftOfWeek[w][days.week(day)]));
            for (Span span : spans(w, day)) {
                to = span.from() > at ? Math.min(to, span.from()) : to;
            }
        }
        return to > at ? Optional.of(new Span(at, to)) : Optional.empty();
    }

    private Optional<Span> busy(Team team, int day, int minute) {
        for (int w : team.workers()) {
            for (Span span : spans(w, day)) {
                if (span.holds(minute)) {
                    return Optional.of(span);
                }
            }
        }
        return Optional.empty();
    }

    private List<Span> spans(int worker, int day) {
        List<Span> spans = taken.get(worker).get(day);
        return spans == null ? List.of() : spans;
    }

    void take(Team team, int day, Span span) {
        for (int w : team.workers()) {
            left[w][day] -= span.minutes();
            leftOfWeek[w][days.week(day)] -= span.minutes();
            if (taken.get(w).get(day) == null) {
                taken.get(w).set(day, new ArrayList<>());
            }
            taken.get(w).get(day).add(span);
        }
    }

    void giveBack(Team team, int day, Span span) {
        for (int w : team.workers()) {
            left[w][day] += span.minutes();
            leftOfWeek[w][days.week(day)] += span.minutes();
            taken.get(w).get(day).remove(span);
        }
    }
}
