package fairacre.ground;

import fairacre.goods.LayerKind;
import fairacre.measure.Length;
import fairacre.plan.Clearing;
import fairacre.plan.SoilNotes;
import java.util.ArrayList;
import java.util.List;

/** What the tests of the soil and the way of clearing it mean, in sentences; common practice throughout. */
public final class SoilReading {

    private static final Length SLOW = Length.inches(1);
    private static final Length FAST = Length.inches(4);

    private SoilReading() {}

    public static List<String> of(SoilNotes soil) {
        List<String> sentences = new ArrayList<>();
        switch (soil.squeeze()) {
            case FALLS_APART ->
                sentences.add("Sandy: it drains fast. Water often and little at a time; organic matter holds water.");
            case HOLDS_AND_CRUMBLES -> sentences.add("Loam: what every gardener wants. Keep it so with compost.");
            case MAKES_A_RIBBON ->
                sentences.add(
                        "Clay: slow to drain, and roots suffocate in it when it is waterlogged. Organic matter opens it.");
            case NOT_DONE ->
                sentences.add("Squeeze a damp handful: does it fall apart, hold and crumble, or make a ribbon?");
        }
        soil.percolation().ifPresent(fall -> sentences.add(percolation(fall)));
        return sentences;
    }

    private static String percolation(Length fall) {
        if (fall.compareTo(SLOW) < 0) {
            return "Less than 1 in an hour: raised beds or drainage are needed.";
        }
        return fall.compareTo(FAST) > 0 ? "More than 4 in an hour: it dries out." : "It drains well.";
    }

    /**
     * A way of clearing with its lead time and what it takes.
     *
     * @param cardboardFactor area of cardboard for an area of ground, laps included; 0 if none is used
     * @param hoursPerSquareMetre of work
     */
    public record School(
            Clearing way,
            String label,
            String leadTime,
            String honestly,
            double cardboardFactor,
            double hoursPerSquareMetre) {}

    /** The main ways, the default first. */
    public static List<School> schools() {
        return List.of(
                new School(
                        Clearing.SHEET_MULCH,
                        "Sheet over it",
                        "build the same day",
                        "An inch of manure, heavy cardboard lapped 6 to 8 in and soaked, bed and deep mulch on top:"
                                + " no digging, much carrying.",
                        LayerKind.CARDBOARD.ordered(),
                        GroundRates.hoursPerSquareMetre(Clearing.SHEET_MULCH)),
                new School(
                        Clearing.TARPAULIN,
                        "Tarpaulin",
                        "6 weeks in summer to 6 months over winter",
                        "Costs patience and little else; three weeks are too short at the edges.",
                        0,
                        GroundRates.hoursPerSquareMetre(Clearing.TARPAULIN)),
                new School(
                        Clearing.LIFT_TURF,
                        "Lift the turf",
                        "the same day",
                        "Clean at once, but hard work, and the turf takes soil with it: keep it or compost it.",
                        0,
                        GroundRates.hoursPerSquareMetre(Clearing.LIFT_TURF)),
                new School(
                        Clearing.TILL_ONCE,
                        "Till once, never again",
                        "a day and a rented tiller",
                        "Fast on good ground, hard in stony or dry clay; breaks soil life once. Tillers kick: hold on with both hands.",
                        0,
                        GroundRates.hoursPerSquareMetre(Clearing.TILL_ONCE)),
                new School(Clearing.NOTHING, "Nothing to clear", "none", "For bare ground.", 0, 0));
    }
}
