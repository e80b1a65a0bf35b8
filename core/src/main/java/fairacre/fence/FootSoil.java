package fairacre.fence;

import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.FenceLine;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/**
 * How high above the ground the soil of raised beds stands along a fence whose foot they close.
 *
 * @param lowest of all along it; zero where it leaves the beds
 * @param highest that it runs through
 */
record FootSoil(Length lowest, Length highest) {

    /** Of a fence that stands on the ground. */
    static final FootSoil NONE = new FootSoil(Length.ZERO, Length.ZERO);

    static FootSoil of(Fence fence, Setting setting, List<StandingBed> standing) {
        if (fence.foot().way() != FenceFoot.Way.BED) {
            return NONE;
        }
        Geometry line = line(fence, setting);
        List<StandingBed> beds = beds(line, standing);
        Length lowest = beds.stream()
                .map(FootSoil::height)
                .filter(least -> reach(beds, least).covers(line))
                .findFirst()
                .orElse(Length.ZERO);
        return new FootSoil(lowest, beds.isEmpty() ? Length.ZERO : height(beds.get(0)));
    }

    /** The raised beds that a fence runs through, highest first. */
    static List<StandingBed> beds(Fence fence, Setting setting, List<StandingBed> standing) {
        return beds(line(fence, setting), standing);
    }

    /** What stands of it, as thick as beds may be apart. */
    private static Geometry line(Fence fence, Setting setting) {
        return Areas.joined(FenceLine.of(fence.standing(), setting).parts().stream()
                .map(part -> Polygons.line(part).buffer(FenceLine.JOINT))
                .toList());
    }

    private static List<StandingBed> beds(Geometry line, List<StandingBed> standing) {
        return standing.stream()
                .filter(bed -> height(bed).isPositive())
                .filter(bed -> Polygons.of(bed.corners()).intersects(line))
                .sorted(Comparator.comparing(FootSoil::height).reversed())
                .toList();
    }

    /** Only what stands on the ground with upright sides closes anything: no heap, and no box on legs. */
    private static Length height(StandingBed bed) {
        boolean closes = bed.revision().thickness().isPositive()
                && !bed.revision().build().legs().isPositive();
        return closes ? bed.revision().holding() : Length.ZERO;
    }

    private static Geometry reach(List<StandingBed> beds, Length least) {
        return Areas.joined(beds.stream()
                .filter(bed -> height(bed).compareTo(least) >= 0)
                .map(bed -> Polygons.of(bed.corners()).buffer(2 * FenceLine.JOINT))
                .toList());
    }
}
