package fairacre.fill;

import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** What is in a bed. */
public final class FillCapability implements Capability, TakeoffSource, WorkRates {

    @Override
    public List<FillRule> rules() {
        return List.of(FillRule.values());
    }

    @Override
    public List<Finder> ofWhatIsBought(SnagContext context) {
        return List.of(new Finder("what beds are filled with", () -> new FillSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        FillWants.takeOff(takeoff);
    }

    @Override
    public Stream<WorkRate> rates() {
        return Stream.of(SoilSupply.BARROW_TRIP);
    }
}
