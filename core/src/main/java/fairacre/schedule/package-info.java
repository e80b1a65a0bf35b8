/**
 * On which day what is done, and by whom: the tasks of a season laid into the hours that people have.
 *
 * <p>Start reading at {@link fairacre.schedule.CalendarStudy}. What is still to be done is a list of
 * {@link fairacre.schedule.Duty duties}. They are laid down one after the other, each as early as somebody has time
 * ({@link fairacre.schedule.ListSchedule}: the serial schedule generation of Kelley, 1963); a duty may be shared and go
 * on the next day. How good the calendar is depends on the order alone: {@link fairacre.schedule.AnnealedOrder} looks
 * for a better one. {@link fairacre.schedule.Bound} says how early the work could end at best.
 *
 * <p>A time is a number of minutes: {@link fairacre.schedule.WorkingDays#DAY} for each day since the beginning, and
 * those since the beginning of that day's work. All who work on a day begin together. Nobody works in the dark, on a
 * lost day, or in ground that is usually frozen in that month. Hours of the clock are not told.
 */
package fairacre.schedule;
