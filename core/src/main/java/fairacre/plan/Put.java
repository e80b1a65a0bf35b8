package fairacre.plan;

import fairacre.limits.Limits;
import java.util.UUID;

/** A new thing, or another state of the one with its id. */
public record Put<T>(Things<T> things, T thing) implements Change {

    public Put {
        Limits.present(thing, things.name());
    }

    public static <T> Put<T> of(T thing) {
        return new Put<>(Things.of(thing), thing);
    }

    @Override
    public Plan carriedOut(Plan plan) {
        return things.put(plan, thing);
    }

    @Override
    public Change inverse(Plan before) {
        return things.restoring(before, id());
    }

    @Override
    public String words(Names names) {
        return things.words().put().formatted(label());
    }

    UUID id() {
        return things.id().apply(thing);
    }

    String label() {
        return things.label().apply(thing);
    }
}
