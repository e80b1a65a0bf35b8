package fairacre.plan;

import java.util.UUID;

/**
 * Points at one thing of a plan that is no bed.
 *
 * @param kind the name of its {@link Things}
 */
public record Ref(String kind, UUID id) {

    /** To something of a plan that has an id: a gate, a walk, or whatever stands on the plot. */
    public static Ref to(Plan plan, UUID id) {
        return Things.all().stream()
                .filter(kind -> kind.find(plan, id).isPresent())
                .findFirst()
                .map(kind -> new Ref(kind.name(), id))
                .orElseThrow();
    }
}
