package fairacre.walk;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Carrier;
import fairacre.plan.Feature;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.shape.Curves;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/**
 * The ground that carriers can use. A carrier is taken as a disk of its width: the ground it can use is the opening of
 * the free ground by that disk, cut off where no way in leads.
 */
public final class CarrierStudy {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CURVE_TOLERANCE = 0.001;
    /**
     * A dead end shorter than a wheelchair is long is no trouble: 48 in, the length of a clear floor space (2010 ADA
     * Standards 305.3).
     */
    private static final double SHORTEST_DEAD_END = 1.2192;
    /** Clear width for a wheelchair, 2010 ADA Standards 403.5.1, and for two, 403.5.3. */
    private static final Length CHAIR = Length.inches(36);

    private static final Length CHAIRS_PASS = Length.inches(60);
    /** How near two areas have to come to count as joined, metres. */
    private static final double JOINED = 0.005;

    private final WalkStudy walks;
    private final List<StandingBed> beds;

    private CarrierStudy(WalkStudy walks, List<StandingBed> beds) {
        this.walks = walks;
        this.beds = beds;
    }

    public static CarrierStudy of(WalkStudy walks, List<StandingBed> beds) {
        return new CarrierStudy(walks, List.copyOf(beds));
    }

    /** Whether a carrier gets alongside some part of a bed. */
    public boolean reaches(Carrier carrier, UUID bed) {
        return walks.edges(carrier.wheels()).isAlongside(bed, carrier.width());
    }

    /**
     * Whether a carrier comes so near to something that it can be worked from there, with nothing in between.
     *
     * @param arm from the carrier's edge to the thing
     */
    public boolean comesTo(Carrier carrier, Feature thing, Length arm) {
        Edges edges = walks.edges(carrier.wheels());
        double furthest = radius(carrier.width()) + arm.metres();
        Envelope near = Polygons.line(thing.places()).getEnvelopeInternal();
        near.expandBy(furthest);
        Access access = edges.access(carrier.width());
        return walks.memo()
                .recall(
                        new ComesTo(thing, carrier.width(), arm, access.around(near)),
                        () -> new AtHand(edges.layout(), access.near(near))
                                .nearest(thing, furthest)
                                .isPresent());
    }

    /** The question whether a carrier comes to a thing. */
    private record ComesTo(Feature thing, Length width, Length arm, List<Tiles.Around> around) {}

    /** The ground that a carrier can use, in metres on the drawing: its opening by a disk of the carrier's width. */
    public Geometry ground(Carrier carrier) {
        return grownBack(centres(carrier), radius(carrier.width()));
    }

    /** What a carrier gets to on all of its ground. */
    public KeptGround onAllGround(Carrier carrier) {
        return new KeptGround(walks.edges(carrier.wheels()), centres(carrier), radius(carrier.width()));
    }

    /**
     * What a carrier gets to while it keeps to a part of the ground.
     *
     * @param part may end a hand's breadth before a bed or a way in, and be as much narrower than the carrier on either
     *     side
     */
    public KeptGround keepingTo(Carrier carrier, Geometry part) {
        Edges edges = walks.edges(carrier.wheels());
        double radius = radius(carrier.width());
        Geometry kept = part.buffer(
                -Math.max(0, radius - KeptGround.HAND),
                Curves.quadrantSegments(radius, CURVE_TOLERANCE),
                BufferParameters.CAP_ROUND);
        return new KeptGround(
                edges,
                GEOMETRY.createMultiPolygon(
                        edges.access(carrier.width()).keepingTo(kept).toArray(Polygon[]::new)),
                radius);
    }

    /**
     * Whether there is a place on its ground where the carrier can turn round, in a circle or in a T; always for one
     * that turns on the spot.
     */
    public boolean turnsSomewhere(Carrier carrier) {
        Edges edges = walks.edges(carrier.wheels());
        if (carrier.turning().compareTo(carrier.width()) <= 0
                || beds.stream().anyMatch(bed -> edges.turnsBeside(bed.id(), carrier.turning(), carrier.width()))) {
            return true;
        }
        Geometry centres = centres(carrier);
        return !roomFor(carrier.turning(), carrier, centres).isEmpty()
                || tees(carrier).isAnywhere(centres);
    }

    /**
     * How far two places can be apart, along its ground, with no wider place between on which two of a kind pass: half
     * the outer edge of that ground, so the length of a walk and half of one that leads round; a little too long where
     * side walks branch off. Zero where they pass everywhere.
     */
    public Length longestWithoutPassing(Carrier carrier) {
        Geometry centres = centres(carrier);
        Geometry passing = roomFor(passing(carrier), carrier, centres);
        Geometry wide = passing.isEmpty()
                ? passing
                : grownBack(
                        passing, (passing(carrier).metres() - carrier.width().metres()) / 2 + JOINED);
        Geometry narrow = Areas.without(centres, wide);
        double longest = 0;
        for (int i = 0; i < narrow.getNumGeometries(); i++) {
            if (narrow.getGeometryN(i) instanceof Polygon part) {
                longest = Math.max(longest, part.getExteriorRing().getLength() / 2);
            }
        }
        return Length.metres(longest);
    }

    /**
     * What two of a kind need to pass: 60 in for wheelchairs (2010 ADA Standards 403.5.3), twice the width for others.
     */
    private static Length passing(Carrier carrier) {
        boolean chair = carrier.wheels() && carrier.width().compareTo(CHAIR) <= 0;
        return chair ? CHAIRS_PASS : carrier.width().times(2);
    }

    /** The ways in that are wide enough for a carrier, with no ground behind them on which it could stand. */
    public List<WayIn> blocked(Carrier carrier) {
        Edges edges = walks.edges(carrier.wheels());
        double radius = radius(carrier.width());
        Access access = edges.access(carrier.width());
        return edges.layout().waysIn().stream()
                .filter(gate -> {
                    Polygon ground = edges.layout()
                            .pieces()
                            .get(Openings.piece(edges.layout().pieces(), gate));
                    Geometry threshold = Openings.threshold(ground, gate, radius);
                    return !threshold.isEmpty() && !access.leadsIn(threshold);
                })
                .toList();
    }

    /** Where a carrier can get in and has to be backed out; none for one that turns on the spot. */
    public List<DeadEnd> deadEnds(Carrier carrier) {
        if (carrier.turning().compareTo(carrier.width()) <= 0) {
            return List.of();
        }
        Geometry centres = centres(carrier);
        return centres.isEmpty() ? List.of() : deadEnds(carrier, centres, roomFor(carrier.turning(), carrier, centres));
    }

    public CarrierGround judge(Carrier carrier) {
        Geometry centres = centres(carrier);
        Geometry ground = grownBack(centres, radius(carrier.width()));
        List<UUID> alongside = new ArrayList<>();
        List<UUID> shutOut = new ArrayList<>();
        for (StandingBed bed : beds) {
            (reaches(carrier, bed.id()) ? alongside : shutOut).add(bed.id());
        }
        boolean onTheSpot = carrier.turning().compareTo(carrier.width()) <= 0;
        Geometry turning = onTheSpot ? centres : roomFor(carrier.turning(), carrier, centres);
        double turn = radius(onTheSpot ? carrier.width() : carrier.turning());
        Tees tees = tees(carrier);
        List<DeadEnd> deadEnds = onTheSpot ? List.of() : deadEnds(carrier, centres, turning);
        Geometry passing = roomFor(passing(carrier), carrier, centres);
        return new CarrierGround(
                carrier.id(),
                Patch.of(ground),
                Area.squareMetres(ground.getArea()),
                alongside,
                shutOut,
                walks.pinches(carrier.width()),
                Patch.of(grownBack(turning, turn)),
                onTheSpot ? List.of() : tees.all(Areas.without(centres, grownBack(turning, turn))),
                deadEnds,
                Patch.of(grownBack(passing, radius(passing(carrier)))),
                longestWithoutPassing(carrier));
    }

    private Geometry centres(Carrier carrier) {
        List<Polygon> centres =
                walks.edges(carrier.wheels()).access(carrier.width()).centres();
        return GEOMETRY.createMultiPolygon(centres.toArray(Polygon[]::new));
    }

    /** Of the disk that stands for a width: with the slack it fits where its edges just touch. */
    private static double radius(Length width) {
        return width.metres() / 2 - WalkStudy.SLACK;
    }

    private static Geometry grownBack(Geometry centres, double radius) {
        return centres.buffer(radius, Curves.quadrantSegments(radius, CURVE_TOLERANCE), BufferParameters.CAP_ROUND);
    }

    private Tees tees(Carrier carrier) {
        return new Tees(walks.edges(carrier.wheels()).layout(), carrier);
    }

    /** Where the middle of a circle of a diameter can be, on ground that the carrier comes to. */
    private Geometry roomFor(Length diameter, Carrier carrier, Geometry centres) {
        Layout layout = walks.edges(carrier.wheels()).layout();
        double radius = radius(diameter);
        List<Geometry> free = layout.pieces().stream()
                .map(ground -> Access.centres(layout, ground, radius))
                .toList();
        return Areas.shared(Areas.joined(free), centres);
    }

    /** The question which dead ends are in a part of the ground that has no room to turn in a circle. */
    private record InPart(
            Geometry part,
            Length width,
            Length turning,
            List<Double> directions,
            List<Geometry> thresholds,
            List<Tiles.Around> passable,
            List<Tiles.Around> roomy) {}

    /**
     * Parts of the carrier's ground without room to turn that hang on the rest, or on a way in, at one place only. Each
     * is asked by itself, since an edit touches one or two.
     */
    private List<DeadEnd> deadEnds(Carrier carrier, Geometry centres, Geometry turning) {
        double ease = (carrier.turning().metres() - carrier.width().metres()) / 2;
        Geometry roomy = turning.isEmpty() ? turning : grownBack(turning, ease + JOINED);
        Geometry meeting = roomy.buffer(JOINED);
        Edges edges = walks.edges(carrier.wheels());
        Tees tees = tees(carrier);
        List<DeadEnd> found = new ArrayList<>();
        for (Polygon part : Areas.parts(Areas.without(centres, roomy))) {
            Envelope near = new Envelope(part.getEnvelopeInternal());
            near.expandBy(carrier.turning().metres());
            Access access = edges.access(carrier.width());
            // Corners in one order, so that the same part is known again.
            InPart question = new InPart(
                    part.norm(),
                    carrier.width(),
                    carrier.turning(),
                    tees.directions(),
                    access.thresholds(),
                    access.around(near),
                    edges.access(carrier.turning()).around(near));
            found.addAll(
                    walks.memo().recall(question, () -> deadEndsIn(part, meeting, tees, ease, access.thresholds())));
        }
        return found;
    }

    /** Whether a T fits is asked only where a circle does not, since that takes longest. */
    private static List<DeadEnd> deadEndsIn(
            Polygon part, Geometry meeting, Tees tees, double ease, List<Geometry> thresholds) {
        Optional<DeadEnd> end = deadEnd(part, meeting, thresholds);
        Geometry inATee = end.isPresent() ? tees.anywhere(part) : GEOMETRY.createPolygon();
        if (inATee.isEmpty()) {
            return end.stream().toList();
        }
        Geometry turned = grownBack(inATee, ease + JOINED);
        Geometry all = Areas.joined(List.of(meeting, turned.buffer(JOINED)));
        return Areas.parts(Areas.without(part, turned)).stream()
                .flatMap(rest -> deadEnd(rest, all, thresholds).stream())
                .toList();
    }

    /** @param roomy is grown a little, so that what it shares with a part is where they meet */
    private static Optional<DeadEnd> deadEnd(Polygon part, Geometry roomy, List<Geometry> thresholds) {
        List<Geometry> contacts = new ArrayList<>(Areas.parts(Areas.shared(part, roomy)));
        thresholds.stream().filter(part::intersects).forEach(contacts::add);
        if (contacts.size() != 1) {
            return Optional.empty();
        }
        IndexedFacetDistance contact = new IndexedFacetDistance(contacts.get(0));
        double back = Stream.of(part.getCoordinates())
                .mapToDouble(corner -> contact.distance(GEOMETRY.createPoint(corner)))
                .max()
                .orElse(0);
        Coordinate place = part.getInteriorPoint().getCoordinate();
        return back < SHORTEST_DEAD_END
                ? Optional.empty()
                : Optional.of(new DeadEnd(Point.metres(place.x, place.y), Length.metres(back)));
    }
}
