package fairacre.format;

import fairacre.limits.Refusal;
import fairacre.limits.RefusedException;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;

/** Where in a JSON text something went wrong, and why the model refused it. */
public final class Pointers {

    private Pointers() {}

    /** JSON Pointer of the place at which reading failed. */
    public static String of(JacksonException failure) {
        StringBuilder pointer = new StringBuilder();
        List<JacksonException.Reference> path = failure.getPath();
        for (JacksonException.Reference step : path) {
            if (step.getPropertyName() != null) {
                pointer.append('/')
                        .append(step.getPropertyName().replace("~", "~0").replace("/", "~1"));
            } else if (step.getIndex() >= 0) {
                pointer.append('/').append(step.getIndex());
            }
        }
        return pointer.toString();
    }

    /** The refusal behind a failure of reading, if the model refused a value; its field is relative to {@link #of}. */
    public static Optional<Refusal> refusal(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof RefusedException refused) {
                return Optional.of(refused.refusal());
            }
        }
        return Optional.empty();
    }

    /** The failure as a fault: the model's own refusal if there is one, else what the reader says. */
    public static Fault fault(JacksonException failure) {
        String at = of(failure);
        return refusal(failure)
                .map(refusal -> new Fault(
                        refusal.field().isEmpty() ? at : at + "/" + refusal.field(), refusal.reason(), refusal.next()))
                .orElseGet(() -> new Fault(at, plainWords(failure), "look at the description of the format"));
    }

    private static String plainWords(JacksonException failure) {
        String message = failure.getOriginalMessage();
        String first = message == null
                ? "it can't be read"
                : message.lines().findFirst().orElse("it can't be read");
        return first.replaceAll("`?(?:[a-z]+\\.)+([A-Z][A-Za-z$]*)`?", "$1");
    }
}
