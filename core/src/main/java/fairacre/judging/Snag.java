package fairacre.judging;

import fairacre.outline.Point;
import fairacre.plan.Ref;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A flaw of the plan.
 *
 * @param rule which rule it breaks
 * @param step the step of the order of work in which it is put right
 * @param cause what is wrong in a few words, the same for all snags of the rule
 * @param words what is wrong, with the numbers in it, in the gardener's units
 * @param ruleWords the rule in one sentence
 * @param source where the rule comes from
 * @param place where on the drawing; empty for what has no place, such as the budget
 * @param beds the beds concerned, in order of id
 * @param things what else is concerned, such as a gate or a walk
 * @param gardeners whom it hinders; empty if everybody or nobody in particular
 * @param extent by how much the rule is broken, more than nothing, in a unit that is the same for all snags of the
 *     rule; empty where there is no more and less
 * @param remedies at least one; empty only where remedies were not asked for, or a part of the plan could not be judged
 */
public record Snag(
        Rule rule,
        Step step,
        Weight weight,
        String cause,
        String words,
        String ruleWords,
        String source,
        Optional<Point> place,
        List<UUID> beds,
        List<Ref> things,
        List<UUID> gardeners,
        Optional<Double> extent,
        List<Remedy> remedies) {

    public Snag {
        beds = List.copyOf(beds);
        things = List.copyOf(things);
        gardeners = List.copyOf(gardeners);
        remedies = List.copyOf(remedies);
    }

    public static Snag of(
            Rule rule,
            Weight weight,
            String words,
            Optional<Point> place,
            List<UUID> beds,
            List<UUID> gardeners,
            List<Remedy> remedies) {
        return new Snag(
                rule,
                rule.step(),
                weight,
                rule.text().cause(),
                words,
                rule.text().rule(),
                rule.text().source(),
                place,
                beds,
                List.of(),
                gardeners,
                Optional.empty(),
                remedies);
    }

    /** The same of something that is no bed. */
    public Snag about(Ref thing) {
        return with(words, List.of(thing), extent);
    }

    /** The same, with by how much the rule is broken. */
    public Snag by(double newExtent) {
        return with(words, things, Optional.of(newExtent));
    }

    /** The same with something said after its words. */
    Snag saying(String more) {
        return with(words + " " + more, things, extent);
    }

    private Snag with(String newWords, List<Ref> newThings, Optional<Double> newExtent) {
        return new Snag(
                rule, step, weight, cause, newWords, ruleWords, source, place, beds, newThings, gardeners, newExtent,
                remedies);
    }
}
