package fairacre.wheels;

import fairacre.measure.Length;
import fairacre.plan.Gardener;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.walk.CarrierStudy;
import fairacre.walk.KeptGround;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Geometry;

/**
 * What somebody or something on wheels gets to on a part of the ground, such as what is firm, against what they get to
 * on all of it.
 */
final class UsablePart {

    /** Less of a bed than this share is not missed. */
    private static final double MISSED = 0.01;

    private final Optional<Length> reach;
    private final KeptGround part;
    /** Only for somebody who works from it. */
    private final Optional<KeptGround> all;

    UsablePart(CarrierStudy study, Geometry part, Rolling wheels) {
        this.reach = wheels.gardener().map(Gardener::reach);
        this.part = study.keepingTo(wheels.carrier(), part);
        this.all = wheels.gardener().map(gardener -> study.onAllGround(wheels.carrier()));
    }

    /** Whether the part doesn't do for a bed that all ground does for. */
    boolean lacks(StandingBed bed) {
        return all.map(ground -> lost(ground, bed.id()) > MISSED).orElseGet(() -> !part.comesTo(bed.id()));
    }

    /** Whether they would come alongside a place without leaving the part. */
    boolean comesTo(Geometry place) {
        return part.comesTo(place);
    }

    /** The share of what is reached from all ground that is not reached from the part. */
    private double lost(KeptGround ground, UUID bed) {
        Geometry worked = ground.workedFrom(bed, reach.orElseThrow());
        return worked.isEmpty()
                ? 0
                : Areas.without(worked, part.workedFrom(bed, reach.orElseThrow()))
                                .getArea()
                        / worked.getArea();
    }
}
