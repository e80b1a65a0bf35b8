package fairacre.husbandry;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;

/**
 * Rules that gardeners differ about and that this one does not follow.
 *
 * @param rules stable codes of rules of {@link HusbandryRule} that have an evidence, each once
 */
public record RulesLeftAside(UUID id, List<String> rules) {

    public RulesLeftAside {
        Limits.present(id, "id");
        rules = rules == null ? List.of() : rules.stream().distinct().sorted().toList();
        rules.stream()
                .filter(code -> Arrays.stream(HusbandryRule.values())
                        .noneMatch(rule ->
                                rule.name().equals(code) && rule.evidence().isPresent()))
                .findFirst()
                .ifPresent(code -> {
                    throw new RefusedException(
                            "rules",
                            "\"" + code + "\" is no rule to be left aside",
                            "choose one that gardeners differ about");
                });
    }
}
