package fairacre.plan;

import fairacre.limits.Refusal;
import fairacre.limits.RefusedException;

/** What became of a change. */
public sealed interface Outcome {

    /**
     * @param plan the plan after the change
     * @param inverse applied to {@code plan}, it gives the plan before
     */
    record Applied(Plan plan, Change inverse) implements Outcome {}

    record Refused(Refusal refusal) implements Outcome {}

    /**
     * The plan after the change.
     *
     * @throws RefusedException if it was refused
     */
    default Plan orThrow() {
        if (this instanceof Applied applied) {
            return applied.plan();
        }
        throw new RefusedException(((Refused) this).refusal());
    }
}
