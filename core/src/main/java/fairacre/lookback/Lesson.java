package fairacre.lookback;

import fairacre.judging.Remedy;
import fairacre.judging.Step;
import java.util.Optional;
import java.util.UUID;

/**
 * Something that went otherwise than it should have.
 *
 * @param key the same as long as the same is told
 * @param bed where; empty for the whole garden
 * @param words what happened, with its figures
 * @param step of the planning at which it is put right
 * @param remedy an edit for the coming season; empty where none is known, or what is known is done already
 */
public record Lesson(Kind kind, String key, Optional<UUID> bed, String words, Step step, Optional<Remedy> remedy) {

    /** Where a lesson comes from, in the order in which they are told. */
    public enum Kind {
        /** Something was lost. */
        LOST,
        /** Much less was picked than planned. */
        LITTLE,
        /** Soil lay bare. */
        BARE,
        /** Work was done late. */
        LATE,
        /** Work was not ticked off. */
        UNDONE,
        /** A snag was lived with. */
        LIVED_WITH
    }
}
