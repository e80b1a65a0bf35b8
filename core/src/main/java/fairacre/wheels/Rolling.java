package fairacre.wheels;

import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.plan.Carrier;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Somebody or something on wheels.
 *
 * @param gardener who sits in it; empty for a barrow and the like
 */
record Rolling(Carrier carrier, Optional<Gardener> gardener) {

    /** Whoever sits, then what is wheeled. */
    static List<Rolling> all(Plan plan) {
        return Stream.concat(
                        plan.gardeners().stream()
                                .filter(gardener -> gardener.posture() == Posture.SEATED)
                                .map(gardener -> new Rolling(gardener.asCarrier(Length.ZERO), Optional.of(gardener))),
                        plan.carriers().stream()
                                .filter(Carrier::wheels)
                                .map(carrier -> new Rolling(carrier, Optional.empty())))
                .toList();
    }

    static String names(List<Rolling> rolling) {
        return Wording.names(
                rolling.stream().map(wheels -> wheels.carrier().name()).toList());
    }

    /** Those who sit, for a snag that concerns them. */
    static List<UUID> seated(List<Rolling> rolling) {
        return rolling.stream()
                .flatMap(wheels -> wheels.gardener().stream())
                .map(Gardener::id)
                .toList();
    }

    /** A nuisance for a barrow is a barrier for a chair. */
    static Weight weight(List<Rolling> rolling) {
        return seated(rolling).isEmpty() ? Weight.NOTE : Weight.WARNING;
    }

    /** Whether a bed is theirs to work; what carries comes to every bed. */
    boolean serves(UUID bed, Plan plan) {
        return gardener.isEmpty() || plan.tending(bed).contains(gardener.get());
    }
}
