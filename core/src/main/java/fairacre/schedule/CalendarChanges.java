package fairacre.schedule;

import fairacre.schedule.WorkCalendar.Moved;
import fairacre.schedule.WorkCalendar.Placed;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What differs between two calendars of the same tasks. */
record CalendarChanges(WorkCalendar before, WorkCalendar after) {

    List<Moved> moved() {
        Map<String, LocalDate> from = days(before);
        Map<String, LocalDate> to = days(after);
        return Stream.concat(to.keySet().stream(), from.keySet().stream())
                .distinct()
                .map(task -> new Moved(task, Optional.ofNullable(from.get(task)), Optional.ofNullable(to.get(task))))
                .filter(moved -> !moved.from().equals(moved.to()))
                .toList();
    }

    private static Map<String, LocalDate> days(WorkCalendar calendar) {
        Map<String, LocalDate> days = new LinkedHashMap<>();
        for (Placed placed : calendar.tasks()) {
            days.put(placed.task(), placed.first());
        }
        return days;
    }
}
