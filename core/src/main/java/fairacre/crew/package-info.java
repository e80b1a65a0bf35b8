/**
 * Who works on the garden, and when: people with their hours, days that are lost to rain, days that are settled, and
 * tasks that they add to those of the plan.
 *
 * <p>Start reading at {@link fairacre.crew.Worker}. What is done on which day follows from this and from the tasks; it
 * is worked out in {@code fairacre.schedule} and kept nowhere, but for the order in which the tasks of a season are
 * taken up ({@link fairacre.crew.WorkSeason}).
 */
package fairacre.crew;
