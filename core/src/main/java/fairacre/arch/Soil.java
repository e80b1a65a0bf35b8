package fairacre.arch;

import fairacre.fill.FillTakeoff;
import fairacre.judging.Lazy;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.StandingBed;
import fairacre.shape.Insets;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Geometry;

/** The soil of the beds of a season, within their boards. */
public final class Soil {

    /** A foot against the boards stands in the soil still: rounding to micrometres, metres. */
    private static final double SNUG = 5e-6;

    private final Supplier<List<Patch>> patches;

    /** The soil of a bed, and how high it ends above the ground. */
    public record Patch(StandingBed bed, Geometry soil, Length top) {}

    public Soil(List<StandingBed> standing) {
        // Most gardens have no arch.
        this.patches = new Lazy<>(() -> standing.stream().map(Soil::patch).toList());
    }

    private static Patch patch(StandingBed bed) {
        Geometry soil =
                Insets.of(Polygons.of(bed.corners()), bed.revision().thickness().metres());
        return new Patch(bed, soil, FillTakeoff.top(bed.revision()));
    }

    public List<Patch> patches() {
        return patches.get();
    }

    /** The bed in whose soil all of a foot stands. */
    Optional<Patch> under(List<Point> foot) {
        Geometry line = Polygons.line(foot);
        return patches().stream()
                .filter(patch -> patch.soil().buffer(SNUG).covers(line))
                .findFirst();
    }

    /** Whether all that lies between two places is one bed. */
    boolean isWithinOne(Point from, Point to) {
        Geometry line = Polygons.line(List.of(from, to));
        return patches().stream()
                .anyMatch(patch -> Polygons.of(patch.bed().corners()).covers(line));
    }
}
