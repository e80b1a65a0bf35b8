package fairacre.plan;

import fairacre.build.Masonry;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Something that stands or lies on the plot and is no bed: an area, a line or a spot, as its kind says. */
public sealed interface Feature {

    UUID id();

    String name();

    FeatureKind kind();

    /** Corners of an area (3 to 60), points of a line (2 to 60), or one spot. */
    List<Point> places();

    /** What is kept off or looked after round it: radius of a crown, setback, strip of caution; 0 to 50 m. */
    Length margin();

    /** Above the ground, 0 to 60 m; 0 where it is not known or of no matter. */
    Length height();

    /** The seasons in which it is there; what comes in none of them was there before the garden. */
    Lifetime lifetime();

    /** Thickness of a line, diameter of a trunk, width of a door or window; an area has none. */
    default Length breadth() {
        return Length.ZERO;
    }

    Feature withPlaces(List<Point> newPlaces);

    Feature withHeight(Length newHeight);

    Feature withLifetime(Lifetime newLifetime);

    default Feature shifted(Length dx, Length dy) {
        return withPlaces(places().stream().map(place -> place.plus(dx, dy)).toList());
    }

    /**
     * One with ground of its own within its corners.
     *
     * @param height of a house with a roof that slopes: to its eaves
     * @param ridge of a house or shed: height of the ridge of its roof, which runs along its longer way; no lower than
     *     {@code height}, up to 60 m; empty for a flat one
     */
    record AreaFeature(
            UUID id,
            String name,
            FeatureKind kind,
            List<Point> places,
            Length margin,
            Length height,
            Optional<Length> ridge,
            Lifetime lifetime)
            implements Feature {

        public AreaFeature {
            Limits.present(id, "id");
            name = Limits.name(name, "name");
            FeatureChecks.kind(kind, FeatureKind.Extent.AREA);
            places = FeatureChecks.places(places, 3, FeatureChecks.MOST_PLACES);
            Polygons.checkSimple(places, "places", "outline");
            FeatureChecks.margin(margin);
            FeatureChecks.height(height);
            ridge = ridge == null ? Optional.empty() : ridge;
            FeatureChecks.only(
                    ridge.isEmpty() || kind == FeatureKind.HOUSE || kind == FeatureKind.SHED,
                    "ridge",
                    kind,
                    "roof with a ridge");
            FeatureChecks.ridge(ridge, height);
            lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
        }

        @Override
        public AreaFeature withPlaces(List<Point> newPlaces) {
            return new AreaFeature(id, name, kind, newPlaces, margin, height, ridge, lifetime);
        }

        /** The ridge goes up and down with the eaves. */
        @Override
        public AreaFeature withHeight(Length newHeight) {
            return new AreaFeature(
                    id,
                    name,
                    kind,
                    places,
                    margin,
                    newHeight,
                    ridge.map(top -> top.minus(height).plus(newHeight)),
                    lifetime);
        }

        public AreaFeature withRidge(Length newRidge) {
            return new AreaFeature(id, name, kind, places, margin, height, Optional.of(newRidge), lifetime);
        }

        @Override
        public AreaFeature withLifetime(Lifetime newLifetime) {
            return new AreaFeature(id, name, kind, places, margin, height, ridge, newLifetime);
        }
    }

    /**
     * One along a line.
     *
     * @param breadth how thick it is, 0 to 5 m
     * @param height of what stands above the ground; zero for what lies in it
     * @param depth of what lies in the ground: how far down the stone of a drain, or a cable, goes, 0 to 5 m; 0 where
     *     it is not known; zero for what stands above the ground
     * @param bareInWinter of a hedge: whether it loses its leaves
     * @param masonry of a retaining wall that is to be built: of what, and so how thick it is; empty for one that
     *     stands there
     */
    record LineFeature(
            UUID id,
            String name,
            FeatureKind kind,
            List<Point> places,
            Length breadth,
            Length margin,
            Length height,
            Length depth,
            boolean bareInWinter,
            Optional<Masonry> masonry,
            Lifetime lifetime)
            implements Feature {

        private static final Length DEEPEST = Length.metres(5);

        public LineFeature {
            Limits.present(id, "id");
            name = Limits.name(name, "name");
            FeatureChecks.kind(kind, FeatureKind.Extent.LINE);
            places = FeatureChecks.places(places, 2, FeatureChecks.MOST_PLACES);
            FeatureChecks.goesOn(places);
            masonry = masonry == null ? Optional.empty() : masonry;
            breadth = masonry.map(Masonry::thickness).orElse(breadth);
            FeatureChecks.breadth(breadth);
            FeatureChecks.margin(margin);
            FeatureChecks.height(height);
            Limits.between(depth, Length.ZERO, DEEPEST, "depth");
            FeatureChecks.only(!kind.buried() || !height.isPositive(), "height", kind, "height: it lies in the ground");
            FeatureChecks.only(
                    kind.buried() || !depth.isPositive(), "depth", kind, "depth: it stands above the ground");
            FeatureChecks.only(!bareInWinter || kind == FeatureKind.HEDGE, "bareInWinter", kind, "leaves to lose");
            FeatureChecks.only(
                    masonry.isEmpty() || kind == FeatureKind.RETAINING_WALL, "masonry", kind, "masonry to be built of");
            if (masonry.filter(built -> !built.retains()).isPresent()) {
                throw new RefusedException(
                        "masonry", "a single leaf of bricks does not hold ground back", "choose blocks or stone");
            }
            lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
        }

        @Override
        public LineFeature withPlaces(List<Point> newPlaces) {
            return new LineFeature(
                    id, name, kind, newPlaces, breadth, margin, height, depth, bareInWinter, masonry, lifetime);
        }

        @Override
        public LineFeature withHeight(Length newHeight) {
            return new LineFeature(
                    id, name, kind, places, breadth, margin, newHeight, depth, bareInWinter, masonry, lifetime);
        }

        public LineFeature withDepth(Length newDepth) {
            return new LineFeature(
                    id, name, kind, places, breadth, margin, height, newDepth, bareInWinter, masonry, lifetime);
        }

        @Override
        public LineFeature withLifetime(Lifetime newLifetime) {
            return new LineFeature(
                    id, name, kind, places, breadth, margin, height, depth, bareInWinter, masonry, newLifetime);
        }
    }

    /**
     * One at a spot.
     *
     * @param breadth of a trunk, a door or a window, 0 to 5 m
     * @param bareInWinter of a tree: whether it loses its leaves
     * @param lookout of a door or window: whether one wants to see the garden from it
     */
    record SpotFeature(
            UUID id,
            String name,
            FeatureKind kind,
            List<Point> places,
            Length breadth,
            Length margin,
            Length height,
            boolean bareInWinter,
            boolean lookout,
            Lifetime lifetime)
            implements Feature {

        public SpotFeature {
            Limits.present(id, "id");
            name = Limits.name(name, "name");
            FeatureChecks.kind(kind, FeatureKind.Extent.SPOT);
            places = FeatureChecks.places(places, 1, 1);
            FeatureChecks.breadth(breadth);
            FeatureChecks.margin(margin);
            FeatureChecks.height(height);
            FeatureChecks.only(!bareInWinter || kind == FeatureKind.TREE, "bareInWinter", kind, "leaves to lose");
            FeatureChecks.only(
                    !lookout || kind == FeatureKind.DOOR || kind == FeatureKind.WINDOW,
                    "lookout",
                    kind,
                    "view of the garden");
            lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
        }

        @Override
        public SpotFeature withPlaces(List<Point> newPlaces) {
            return new SpotFeature(id, name, kind, newPlaces, breadth, margin, height, bareInWinter, lookout, lifetime);
        }

        @Override
        public SpotFeature withHeight(Length newHeight) {
            return new SpotFeature(id, name, kind, places, breadth, margin, newHeight, bareInWinter, lookout, lifetime);
        }

        public SpotFeature withMargin(Length newMargin) {
            return new SpotFeature(id, name, kind, places, breadth, newMargin, height, bareInWinter, lookout, lifetime);
        }

        @Override
        public SpotFeature withLifetime(Lifetime newLifetime) {
            return new SpotFeature(id, name, kind, places, breadth, margin, height, bareInWinter, lookout, newLifetime);
        }
    }

    /**
     * One that was there before the garden and stays, with no height, depth or leaves that are known.
     *
     * @param breadth left out for an area
     */
    static Feature of(UUID id, String name, FeatureKind kind, List<Point> places, Length breadth, Length margin) {
        return switch (kind.extent()) {
            case AREA ->
                new AreaFeature(id, name, kind, places, margin, Length.ZERO, Optional.empty(), Lifetime.ALWAYS);
            case LINE ->
                new LineFeature(
                        id,
                        name,
                        kind,
                        places,
                        breadth,
                        margin,
                        Length.ZERO,
                        Length.ZERO,
                        false,
                        Optional.empty(),
                        Lifetime.ALWAYS);
            case SPOT ->
                new SpotFeature(id, name, kind, places, breadth, margin, Length.ZERO, false, false, Lifetime.ALWAYS);
        };
    }

    /**
     * A drain.
     *
     * @param depth how far down its stone goes; zero for the usual depth
     */
    static LineFeature drain(
            UUID id, String name, List<Point> places, Length breadth, Length depth, Lifetime lifetime) {
        return new LineFeature(
                id,
                name,
                FeatureKind.DRAIN,
                places,
                breadth,
                Length.ZERO,
                Length.ZERO,
                depth,
                false,
                Optional.empty(),
                lifetime);
    }
}
