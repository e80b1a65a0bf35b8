package fairacre.rotation;

import fairacre.crop.BedPart;
import fairacre.outline.Polygons;
import fairacre.plan.StandingBed;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A bed, or a part of one, that is planted with one crop at a time. */
record Ground(UUID bed, BedPart part) {

    /** Beds from these areas on are shared by two and by three crops, square metres (a rough guess). */
    private static final double[] SHARED_FROM = {1.2, 5};

    /** Equal parts along its longer side: more of a large bed. */
    static Stream<Ground> of(StandingBed bed) {
        double area = Polygons.of(bed.revision().corners()).getArea();
        int parts = 1
                + (int) Arrays.stream(SHARED_FROM).filter(from -> area >= from).count();
        return parts == 1
                ? Stream.of(new Ground(bed.id(), BedPart.WHOLE))
                : IntStream.range(0, parts)
                        .mapToObj(i -> new Ground(bed.id(), new BedPart((double) i / parts, (i + 1.0) / parts, 0, 1)));
    }

    static List<Ground> of(List<StandingBed> beds) {
        return beds.stream().flatMap(Ground::of).toList();
    }
}
