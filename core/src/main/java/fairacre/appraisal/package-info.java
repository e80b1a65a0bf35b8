/**
 * The one front door to the judgement: a plan in, an appraisal out.
 *
 * <p>{@link fairacre.appraisal.Appraisal} is a pure function of a plan (with its price book) and a season: no clock, no
 * randomness, no files, so the same input gives the same output, byte for byte. Its parts are computed when they are
 * first asked for, and once. A flaw of the plan is a {@link fairacre.appraisal.Snag}: it names the rule, where the rule
 * comes from, the place, and at least one {@link fairacre.appraisal.Remedy}, which is an ordinary change of the plan.
 *
 * <p>Remedies are checked before they are offered: the change is tried on the beds round about and must do what it
 * promises there, on free ground, without a new narrow place. Where nothing of that kind helps, taking the bed out
 * remains.
 */
package fairacre.appraisal;
