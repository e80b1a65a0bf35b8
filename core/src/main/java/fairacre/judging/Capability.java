package fairacre.judging;

import fairacre.parts.Part;
import java.util.List;

/**
 * What one part of the trade brings to the judgement of a plan: its rules, and who looks for what breaks them. What a
 * capability has none of stays empty; one that a garden has not begun finds nothing.
 */
public interface Capability extends Part {

    /** All its rules, in the order in which snags of equal weight are told. */
    List<? extends Rule> rules();

    /** Flaws on the ground that are looked for at every edit, and at every remedy that is tried. */
    default List<Finder> onTheGround(SnagContext context) {
        return List.of();
    }

    /** Flaws on the ground that take too long to be looked for while something is dragged. */
    default List<Finder> slow(SnagContext context) {
        return List.of();
    }

    /** Flaws that take so long that no remedy is measured by them either: told when an edit is made. */
    default List<Finder> inFull(SnagContext context) {
        return List.of();
    }

    /** Flaws of what is bought and paid, which no remedy on the ground is measured by. */
    default List<Finder> ofWhatIsBought(SnagContext context) {
        return List.of();
    }
}
