package fairacre.journal;

/**
 * An entry as it stands in the journal.
 *
 * @param takenBack whether it was wrong and counts no more
 */
public record Kept(JournalEntry entry, boolean takenBack) {}
