package fairacre.plan;

import fairacre.parts.Part;
import java.util.List;

/** A part of the trade that adds kinds of things to the plan. */
public interface ThingKinds extends Part {

    List<Things<?>> kinds();
}
