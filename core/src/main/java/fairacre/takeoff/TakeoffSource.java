package fairacre.takeoff;

import fairacre.parts.Part;

/** A part of the trade that calls for something to be bought. */
public interface TakeoffSource extends Part {

    /** Puts down all that the plan calls for, over all seasons. The order is that of the lines on the bill. */
    void takeOff(Takeoff takeoff);
}
