package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Units;
import fairacre.plan.BedRevision;
import fairacre.plan.Lifetime;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What waters one bed. */
public sealed interface BedLines permits Dripline, Soaker, Sprinklers {

    UUID id();

    UUID bed();

    /** The source or the run that it is fed by. */
    UUID from();

    /** Whether the bed has a valve of its own, so that it is a zone by itself. */
    boolean valve();

    Lifetime lifetime();

    /** The same under a valve of its own. */
    Put<?> valved();

    /** Takes it out. */
    Remove<?> takenOut();

    /** The same fed by something else. */
    Put<?> fedBy(UUID other);

    /** The same in another bed. */
    Put<?> copied(UUID newId, UUID newBed, UUID newFrom);

    /** How evenly it should water at least: the lowest quarter of the outlets over the mean. */
    double evenness();

    /** With less pressure than this its outlets don't work. */
    Pressure least();

    /** What of the water that it gives comes to the roots, 0 to 1. */
    double efficiency();

    /** From one outlet of a line to the next, at most. */
    Length spacing();

    /** Whether both ends of a line are joined where it is fed. */
    default boolean loops() {
        return false;
    }

    /** Of what the line in the bed is. */
    PipeKind line();

    /** Of what the pipe to the bed is, where no run says otherwise. */
    PipeKind stub();

    /** Whether its outlets clog without a filter, and want a reducer behind a tap. */
    boolean drips();

    /** The ways in which it may lie in a bed; one without inlets where there is no room. */
    List<BedLayout> layouts(BedRevision bed);

    /** What its outlets are made for, as it lies. */
    WorkingPoint working(BedLayout layout);

    /**
     * Adds an outlet to a network, at a node of it: the number of its link.
     *
     * @param share of what a full outlet gives, 0 to 1
     */
    int outlet(Network.Builder network, int node, double share);

    /** What its lines are of: "Dripline". */
    default String material() {
        return line().label();
    }

    /** By what its lines are sold. */
    PriceItem sold(Units units);

    /** What else it takes, as it lies: so many of each. */
    Map<PriceItem, Integer> fittings(BedLayout layout);

    /** How long its lines last: a rough guess, from memory. */
    int years();

    /** What it is called: "dripline". */
    String noun();
}
