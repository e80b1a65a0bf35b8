package fairacre.limits;

import java.util.Objects;

/**
 * Why an input was not taken: the field it concerns, what is wrong with it and what would be right.
 *
 * @param field path of the field within the input, segments joined by {@code /}, empty for the whole of it:
 *     {@code outline/length}
 * @param reason what is wrong, naming the value
 * @param next what would be taken instead
 */
public record Refusal(String field, String reason, String next) {

    public Refusal {
        Objects.requireNonNull(field);
        Objects.requireNonNull(reason);
        Objects.requireNonNull(next);
    }

    /** The same refusal seen from the record that holds the refused one in its field {@code parent}. */
    public Refusal within(String parent) {
        return new Refusal(field.isEmpty() ? parent : parent + "/" + field, reason, next);
    }

    /** Reason and next step in one sentence. */
    public String sentence() {
        return reason + "; " + next;
    }
}
