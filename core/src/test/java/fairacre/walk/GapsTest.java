package fairacre.walk;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.shaped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Clear distances from the edges of beds, against strips in front of them that a general geometry library cuts. */
class GapsTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Strips end this far from the corners, metres. */
    private static final double TRIM = 0.002;

    private static final double FAR = 100;
    private static final double SAME = 1e-4;

    /** What an edge of a bed faces first. */
    private record Faced(UUID bed, Optional<UUID> to, double distance) {}

    private static Plan garden(Random random) {
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            double x = 4 + 5 * (i % 3) + random.nextDouble();
            double y = 4 + 5 * (i / 3) + random.nextDouble();
            beds.add(
                    i == 4
                            ? shaped("Comb", rectangle(x, y, 3, 2, random.nextDouble() * 360), comb(3, 0.5, 0.4))
                            : bed(
                                    "Bed " + i,
                                    x,
                                    y,
                                    1 + random.nextDouble() * 2,
                                    0.5 + random.nextDouble(),
                                    random.nextBoolean() ? 0 : random.nextDouble() * 360,
                                    Optional.empty()));
        }
        return plot(20, 14, List.of(), beds.toArray(Bed[]::new));
    }

    private static List<Faced> faced(Plan plan) {
        List<StandingBed> standing = plan.standing(SEASON);
        List<Faced> faced = new ArrayList<>();
        for (StandingBed bed : standing) {
            Coordinate[] corners = Polygons.of(bed.corners()).getExteriorRing().getCoordinates();
            for (int i = 0; i + 1 < corners.length; i++) {
                faced(plan, standing, bed, corners[i], corners[i + 1])
                        .filter(found -> found.distance() > SAME && !found.to().equals(Optional.of(bed.id())))
                        .ifPresent(faced::add);
            }
        }
        return faced;
    }

    /** The corners of a polygon run counter-clockwise, so that outside lies to the right of an edge. */
    private static Optional<Faced> faced(
            Plan plan, List<StandingBed> standing, StandingBed bed, Coordinate from, Coordinate to) {
        double length = from.distance(to);
        double dx = (to.x - from.x) / length;
        double dy = (to.y - from.y) / length;
        Coordinate a = new Coordinate(from.x + dx * TRIM, from.y + dy * TRIM);
        Coordinate b = new Coordinate(to.x - dx * TRIM, to.y - dy * TRIM);
        Geometry strip = GEOMETRY.createPolygon(new Coordinate[] {
            a, new Coordinate(a.x + dy * FAR, a.y - dx * FAR), new Coordinate(b.x + dy * FAR, b.y - dx * FAR), b, a
        });
        Faced nearest = new Faced(
                bed.id(),
                Optional.empty(),
                off(strip.intersection(plan.site().ground().getBoundary()), a, dx, dy));
        for (StandingBed other : standing) {
            Geometry ring = Polygons.of(other.corners()).getExteriorRing();
            // Its own edge lies at the foot of the strip.
            Geometry facing = other.equals(bed)
                    ? ring.difference(GEOMETRY.createLineString(new Coordinate[] {from, to})
                            .buffer(1e-7))
                    : ring;
            double distance = off(strip.intersection(facing), a, dx, dy);
            if (distance < nearest.distance() + 1e-9) {
                nearest = new Faced(bed.id(), Optional.of(other.id()), distance);
            }
        }
        return Double.isInfinite(nearest.distance()) ? Optional.empty() : Optional.of(nearest);
    }

    /** How far the nearest corner of what lies in a strip is off its foot. */
    private static double off(Geometry within, Coordinate foot, double dx, double dy) {
        double least = Double.POSITIVE_INFINITY;
        for (Coordinate corner : within.getCoordinates()) {
            least = Math.min(least, (corner.x - foot.x) * dy - (corner.y - foot.y) * dx);
        }
        return least;
    }

    @ParameterizedTest(name = "random beds {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    @DisplayName("Every edge has its gap, and every gap is one of an edge [JTS intersection]")
    void gapsAreThoseThatAGeneralGeometryLibraryFinds(long seed) {
        Plan plan = garden(new Random(seed));
        List<Faced> expected = faced(plan);
        List<Gap> gaps =
                WalkStudy.of(plan.setting(SEASON), plan.standing(SEASON)).gaps();
        assertThat(expected).hasSizeGreaterThan(12);
        for (Gap gap : gaps) {
            assertThat(expected)
                    .as(gap.toString())
                    .anyMatch(edge -> edge.bed().equals(gap.bed())
                            && edge.to().equals(gap.to())
                            && Math.abs(edge.distance() - gap.distance().metres()) < SAME);
            assertThat(Math.hypot(
                            gap.end().x().minus(gap.start().x()).metres(),
                            gap.end().y().minus(gap.start().y()).metres()))
                    .isCloseTo(gap.distance().metres(), within(1e-5));
            assertThat(outline(plan, gap.bed()).distance(at(gap.start()))).isLessThan(1e-5);
            gap.to()
                    .ifPresent(other -> assertThat(outline(plan, other).distance(at(gap.end())))
                            .isLessThan(1e-5));
        }
        for (Faced edge : expected) {
            assertThat(gaps)
                    .as(edge.toString())
                    .anyMatch(gap -> (gap.bed().equals(edge.bed()) && gap.to().equals(edge.to())
                                    || edge.to().equals(Optional.of(gap.bed()))
                                            && gap.to().equals(Optional.of(edge.bed())))
                            && Math.abs(edge.distance() - gap.distance().metres()) < 0.0011);
        }
    }

    private static Geometry outline(Plan plan, UUID bed) {
        return Polygons.of(plan.standing(SEASON).stream()
                        .filter(each -> each.id().equals(bed))
                        .findFirst()
                        .orElseThrow()
                        .corners())
                .getExteriorRing();
    }

    private static Geometry at(Point place) {
        return GEOMETRY.createPoint(new Coordinate(place.x().metres(), place.y().metres()));
    }
}
