package fairacre.watch;

import java.util.OptionalDouble;
import java.util.UUID;

/** Valves behind one source, and the flow meter before them. */
public interface Controller {

    void open(UUID valve);

    void shut(UUID valve);

    /** Litres that have run through the meter since it was fitted; empty while nothing is heard of it. */
    OptionalDouble counted();
}
