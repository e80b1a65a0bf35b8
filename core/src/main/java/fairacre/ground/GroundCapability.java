package fairacre.ground;

import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.stream.Stream;

/** The ground on which beds are built: it is cleared, and dug level where a frame stands on a slope. */
public final class GroundCapability implements TakeoffSource, WorkRates {

    @Override
    public void takeOff(Takeoff takeoff) {
        GroundWants.takeOff(takeoff);
    }

    @Override
    public Stream<WorkRate> rates() {
        return GroundRates.all();
    }
}
