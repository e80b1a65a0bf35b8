package fairacre.staging;

import fairacre.bill.Stage;
import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * Something that lies ready at a place.
 *
 * @param stages of the work there for which it lies ready, in their order
 * @param label of one, or of the stuff
 * @param quantity litres of what is loose; else how many, which for what is shared with other places may be a part of
 *     one
 * @param length of a board
 * @param mark of a board
 * @param kilograms of one that is lifted as a whole, when it is heaviest; empty for what is light or of many weights
 */
public record StagedGood(
        Kind kind,
        List<Stage> stages,
        String label,
        double quantity,
        Optional<Length> length,
        Optional<String> mark,
        Optional<Double> kilograms) {

    public StagedGood {
        stages = List.copyOf(stages);
    }

    /** How it comes, in the order in which it is told. */
    public enum Kind {
        BAGS,
        /** Tipped by a lorry. */
        BULK,
        /** There already. */
        ON_HAND,
        BOARDS,
        /** Whatever else is bought for the place. */
        PIECES,
        YOUNG_PLANTS,
        /** Plants that are sown. */
        SEED
    }
}
