/**
 * What judging a plan is made of, whatever is judged.
 *
 * <p>A {@link fairacre.judging.Capability} has rules and {@linkplain fairacre.judging.Finder finders}. A finder looks
 * for flaws, each a {@link fairacre.judging.Snag}: it names the rule, the place, and at least one
 * {@link fairacre.judging.Remedy}, which is an ordinary change of the plan. Finders are given a
 * {@link fairacre.judging.SnagContext}: the plan in its season, the studies that several look at, and what tries
 * remedies out.
 *
 * <p>Remedies are tried before they are offered ({@code Trial}): the plan after one may have no flaw on the ground that
 * it hadn't before. Where nothing else helps, the last one stands and says what it brings.
 */
package fairacre.judging;
