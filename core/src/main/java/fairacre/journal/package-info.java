/**
 * What became of the garden: what was done, picked and lost, day by day, as it was written down.
 *
 * <p>A {@link fairacre.journal.JournalEntry} is never changed: one that was wrong is taken back and written again. The
 * journal is no part of the plan, so that it may grow for years; {@link fairacre.journal.YearStudy} holds a season of
 * it against what was planned.
 */
package fairacre.journal;
