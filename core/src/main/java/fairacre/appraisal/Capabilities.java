package fairacre.appraisal;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.JudgingRule;
import fairacre.judging.Rule;
import fairacre.judging.SnagContext;
import fairacre.parts.Parts;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** What all capabilities together bring to the judgement. */
public final class Capabilities {

    private static final List<Capability> ALL = Parts.bringing(Capability.class);

    private static final List<Rule> RULES = Stream.concat(
                    ALL.stream().flatMap(capability -> capability.rules().stream()), Stream.of(JudgingRule.values()))
            .map(Rule.class::cast)
            .toList();
    private static final Map<Rule, Integer> RANKS = ranks();

    private Capabilities() {}

    public static List<Capability> all() {
        return ALL;
    }

    /** All rules, in the order in which snags of equal weight are told. */
    public static List<Rule> rules() {
        return RULES;
    }

    static int rank(Rule rule) {
        return RANKS.get(rule);
    }

    static List<Finder> finders(BiFunction<Capability, SnagContext, List<Finder>> which, SnagContext context) {
        return ALL.stream()
                .flatMap(capability -> which.apply(capability, context).stream())
                .toList();
    }

    private static Map<Rule, Integer> ranks() {
        Map<Rule, Integer> ranks = new HashMap<>();
        RULES.forEach(rule -> ranks.put(rule, ranks.size()));
        return ranks;
    }
}
