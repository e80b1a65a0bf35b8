package fairacre.plan;

import fairacre.limits.Limits;
import java.util.UUID;

/** Takes a thing out. */
public record Remove<T>(Things<T> things, UUID id) implements Change {

    public Remove {
        Limits.present(id, things.name());
    }

    @Override
    public Plan carriedOut(Plan plan) {
        return things.without(plan, id);
    }

    @Override
    public Change inverse(Plan before) {
        things.known(before, id);
        return things.restoring(before, id);
    }

    @Override
    public String words(Names names) {
        return things.words().removed().formatted(names.of(id, things.words().anyone()));
    }
}
