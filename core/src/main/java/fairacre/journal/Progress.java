package fairacre.journal;

import fairacre.journal.JournalEntry.Done;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How far the work of a garden has come.
 *
 * @param today nothing that is still to be done is done before
 * @param done the days on which tasks were done, by their keys
 * @param learned how long work took so far
 */
public record Progress(LocalDate today, Map<String, LocalDate> done, List<LearnedRate> learned) {

    /** Nothing is done yet, and the work may begin on any day. */
    public static final Progress NONE = new Progress(LocalDate.MIN, Map.of(), List.of());

    /** @param entries of work that was done; of what several did the last day counts */
    public static Progress of(LocalDate today, List<JournalEntry> entries) {
        List<Done> done =
                entries.stream().flatMap(entry -> entry.done().stream()).toList();
        return new Progress(
                today,
                entries.stream()
                        .filter(entry -> entry.done().isPresent())
                        .collect(Collectors.toMap(
                                entry -> entry.done().orElseThrow().task(),
                                JournalEntry::day,
                                (one, other) -> one.isAfter(other) ? one : other)),
                LearnedRate.of(done));
    }

    public Progress {
        done = Map.copyOf(done);
        learned = List.copyOf(learned);
    }
}
