package fairacre.water;

import fairacre.measure.Pressure;
import fairacre.plan.Lifetime;
import fairacre.plan.Put;
import java.util.UUID;

/** What waters one bed. */
public sealed interface BedLines permits Dripline, Soaker {

    UUID id();

    UUID bed();

    /** The source or the run that it is fed by. */
    UUID from();

    /** Whether the bed has a valve of its own, so that it is a zone by itself. */
    boolean valve();

    Lifetime lifetime();

    /** The same under a valve of its own. */
    Put<?> valved();

    /** The same fed by something else. */
    Put<?> fedBy(UUID other);

    /** The same in another bed. */
    Put<?> copied(UUID newId, UUID newBed, UUID newFrom);

    /** How evenly it should water at least: the lowest quarter of the outlets over the mean. */
    double evenness();

    /** With less pressure than this its outlets don't work. */
    Pressure least();

    /** What it is called: "dripline". */
    String noun();
}
