package fairacre.cost;

import fairacre.measure.Length;
import java.util.Optional;
import org.joda.money.Money;

/**
 * What it means to build some beds with one kind of frame or wall, everything bought new for them alone.
 *
 * @param height above the ground
 * @param boards bought, of all lengths; of a wall blocks or bricks, or tonnes of stone
 * @param cost of the boards, with posts, stakes and fasteners, or of the wall with its mortar; empty if a price is
 *     missing
 * @param perYear the cost divided by the middle of the years they last, rounded half up
 * @param fill what fills the beds to the height of these frames, with the base under a wall; empty if a price is
 *     missing
 * @param supports against bowing, ties or stakes, counted at each side of all beds
 * @param replacedFrom the season in which the first of them may have rotted
 * @param replacedTo the season by which all of them will have
 * @param pieces that are cut and fastened
 * @param hours of work for one person, a rough guess: {@link FrameComparison#MINUTES_PER_PIECE} for each piece and
 *     {@link FrameComparison#MINUTES_PER_SUPPORT} for each support
 * @param heaviest length of the heaviest board that is bought; none of a wall
 * @param leastKilograms of that board when dry, or of one block, brick or stone
 * @param mostKilograms of that board when wet, or of a heavy piece
 */
public record FrameChoice(
        BedEdge of,
        Length height,
        int boards,
        Optional<Money> cost,
        Optional<Money> perYear,
        Optional<Money> fill,
        int supports,
        int replacedFrom,
        int replacedTo,
        int pieces,
        double hours,
        Optional<Length> heaviest,
        double leastKilograms,
        double mostKilograms) {}
