package fairacre.journal;

import fairacre.judging.Wording;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How much was picked, each part of it told in the way in which it was measured: they are not turned into each other.
 *
 * @param kilograms of what was weighed
 * @param litres of what was measured in a vessel
 * @param pieces of what was counted
 */
public record Picked(double kilograms, double litres, int pieces) {

    public static final Picked NOTHING = new Picked(0, 0, 0);

    /** All that was picked by these entries. */
    public static Picked of(List<JournalEntry> entries) {
        return entries.stream()
                .flatMap(entry -> entry.harvest().stream())
                .map(JournalEntry.Harvest::picked)
                .reduce(NOTHING, Picked::plus);
    }

    public Picked plus(Picked other) {
        return new Picked(kilograms + other.kilograms, litres + other.litres, Math.addExact(pieces, other.pieces));
    }

    /** Whether it was measured or counted, and none of it weighed. */
    public boolean hasNoWeight() {
        return kilograms == 0 && (litres > 0 || pieces > 0);
    }

    /** As a gardener says it; empty for nothing. */
    public String words(Wording wording) {
        return Stream.of(
                        kilograms > 0 ? wording.food(kilograms) : "",
                        litres > 0 ? wording.heaped(litres) : "",
                        pieces > 0 ? pieces + (pieces == 1 ? " piece" : " pieces") : "")
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(", "));
    }
}
