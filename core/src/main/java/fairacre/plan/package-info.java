/**
 * The garden as one immutable value, and what an edit of it is.
 *
 * <p>A {@link fairacre.plan.Plan} holds the site, the gardeners, the beds with their revisions, the money set aside and
 * the price book. Nothing in it is ever overwritten in place: {@link fairacre.plan.Plan#apply} takes a
 * {@link fairacre.plan.Change} and answers a new plan together with the change that would undo it, or a
 * {@link fairacre.limits.Refusal} that names the field, the reason and what would do.
 *
 * <p>Axes: x to the right and y up on the drawing, in metres from the plot's own origin. Turns and north are degrees
 * clockwise. A <em>season</em> is one growing year, named by its calendar year. A bed's <em>revision</em> is how it is
 * built from one season on, until a later revision follows or the bed is retired.
 *
 * <p>Start with {@link fairacre.plan.Plan}. The package judges nothing: a plan whose beds overlap is a valid plan with
 * a flaw, and flaws are found by the studies.
 */
package fairacre.plan;
