package fairacre.merge;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Fields of a plan in the gardener's words. */
final class Labels {

    private final Map<Object, String> names = new HashMap<>();

    /** @param plans that name a thing: the first one that has it does */
    Labels(List<Plan> plans) {
        for (Plan plan : plans) {
            plan.beds().forEach(bed -> names.putIfAbsent(bed.id(), bed.name()));
            Things.all().forEach(things -> name(things, plan));
        }
    }

    private <T> void name(Things<T> things, Plan plan) {
        plan.list(things)
                .forEach(thing -> names.putIfAbsent(
                        things.id().apply(thing), things.label().apply(thing)));
    }

    /** "Gate: width" of a thing, "budget: contingency" of what there is one of. */
    String of(List<Object> path) {
        Object last = path.get(path.size() - 1);
        String field = words(last.equals("kind") && path.size() > 2 ? path.get(path.size() - 2) : last);
        String owner = path.stream()
                .filter(names::containsKey)
                .map(names::get)
                .findFirst()
                .orElseGet(() -> path.size() == 1 ? "the garden" : words(path.get(0)));
        return names.containsKey(path.get(path.size() - 1)) ? owner : owner + ": " + field;
    }

    /** "bareInWinter" as "bare in winter". */
    private static String words(Object field) {
        return field.toString().replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }
}
