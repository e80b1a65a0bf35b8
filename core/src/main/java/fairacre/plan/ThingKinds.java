package fairacre.plan;

import java.util.List;

/**
 * Kinds of things that a capability adds to the plan. It is found as a service: its class is named in
 * {@code META-INF/services/fairacre.plan.ThingKinds}.
 */
public interface ThingKinds {

    List<Things<?>> kinds();
}
