package fairacre.wear;

import java.time.LocalDate;

/**
 * Something to be thought of on a day.
 *
 * @param key the same while it stays the same reminder
 * @param words what is to be thought of: "Look after the winter"
 * @param about of what: "Mesh of North fence, 9 seasons old; ..."
 */
public record Reminder(String key, LocalDate day, String words, String about) {}
