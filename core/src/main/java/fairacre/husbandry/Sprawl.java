package fairacre.husbandry;

import fairacre.catalogue.Habit;
import fairacre.crop.Planting;
import fairacre.crop.PlantingStudy;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * What a sprawling crop covers at its widest: a circle round each plant.
 *
 * @param plants where they stand
 * @param radius metres
 */
record Sprawl(Planting planting, StandingBed bed, Geometry plants, double radius) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Empty for what doesn't sprawl, or has no plants in the bed. */
    static Optional<Sprawl> of(Plan plan, StandingBed bed, Planting planting) {
        return Optional.of(planting)
                .filter(each -> each.grown(plan).habit() == Habit.SPRAWLER)
                .map(each ->
                        GEOMETRY.createMultiPointFromCoords(PlantingStudy.places(plan, bed.revision(), each).stream()
                                .map(place -> new Coordinate(
                                        place.x().metres(), place.y().metres()))
                                .toArray(Coordinate[]::new)))
                .filter(plants -> !plants.isEmpty())
                .map(plants -> new Sprawl(
                        planting,
                        bed,
                        plants,
                        PlantingStudy.widest(plan, planting).half().metres()));
    }

    /** How far it leans out of its bed towards another; none if it stays within. */
    Length leansOut(StandingBed towards) {
        double apart = outline(bed).distance(outline(towards));
        return Length.metres(Math.max(0, apart - plants.distance(outline(towards)) + radius));
    }

    /** Whether it could come so near to a bed, metres: roughly, and never too few. */
    boolean isWithin(double metres, StandingBed other) {
        return plants.getEnvelopeInternal().distance(outline(other).getEnvelopeInternal())
                <= radius + other.revision().leansOut().metres() + metres;
    }

    /** To a bed with its cap and what is said to lean out of it, metres; negative where it creeps over it. */
    double to(StandingBed other) {
        return plants.distance(outline(other))
                - radius
                - other.revision().leansOut().metres();
    }

    /** To a crop that sprawls at the same time, metres. */
    double to(Sprawl other) {
        return plants.distance(other.plants) - radius - other.radius;
    }

    /** How wide the walk to another bed is without any of it, metres. */
    double walk(StandingBed other) {
        return outline(bed).distance(outline(other))
                - bed.revision().leansOut().metres()
                - other.revision().leansOut().metres();
    }

    private static Polygon outline(StandingBed bed) {
        return Polygons.of(bed.corners());
    }
}
