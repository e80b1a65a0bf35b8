/**
 * The work that a plan makes: what is to be done for which bed, walk, fence or planting, how long it takes, and what
 * has to come before it.
 *
 * <p>Start reading at {@link fairacre.work.WorkStudy}. Tasks are not drawn up by anybody: they are what the take-off
 * puts down as {@link fairacre.takeoff.Job}s, so they follow every edit of the plan. {@link fairacre.work.Precedence}
 * holds what comes before what, with the reason; it knows stages of the work and not single tasks.
 */
package fairacre.work;
