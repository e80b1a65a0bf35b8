package fairacre.plan;

import java.util.List;
import java.util.UUID;

/** An edit of what stands on the ground besides beds, of who and what has to get through, and of what is known of the ground. */
public sealed interface GroundChange extends Change {

    /** A new feature, or another state of one with the same id. */
    record PutFeature(Feature feature) implements GroundChange, Put<Feature> {
        public PutFeature {
            Limits.present(feature, "feature");
        }

        @Override
        public Things<Feature> things() {
            return Things.FEATURES;
        }

        @Override
        public Feature thing() {
            return feature;
        }
    }

    record RemoveFeature(UUID feature) implements GroundChange, Remove<Feature> {
        public RemoveFeature {
            Limits.present(feature, "feature");
        }

        @Override
        public Things<Feature> things() {
            return Things.FEATURES;
        }

        @Override
        public UUID gone() {
            return feature;
        }
    }

    record PutWayIn(WayIn wayIn) implements GroundChange, Put<WayIn> {
        public PutWayIn {
            Limits.present(wayIn, "wayIn");
        }

        @Override
        public Things<WayIn> things() {
            return Things.WAYS_IN;
        }

        @Override
        public WayIn thing() {
            return wayIn;
        }
    }

    record RemoveWayIn(UUID wayIn) implements GroundChange, Remove<WayIn> {
        public RemoveWayIn {
            Limits.present(wayIn, "wayIn");
        }

        @Override
        public Things<WayIn> things() {
            return Things.WAYS_IN;
        }

        @Override
        public UUID gone() {
            return wayIn;
        }
    }

    record PutCarrier(Carrier carrier) implements GroundChange, Put<Carrier> {
        public PutCarrier {
            Limits.present(carrier, "carrier");
        }

        @Override
        public Things<Carrier> things() {
            return Things.CARRIERS;
        }

        @Override
        public Carrier thing() {
            return carrier;
        }
    }

    record RemoveCarrier(UUID carrier) implements GroundChange, Remove<Carrier> {
        public RemoveCarrier {
            Limits.present(carrier, "carrier");
        }

        @Override
        public Things<Carrier> things() {
            return Things.CARRIERS;
        }

        @Override
        public UUID gone() {
            return carrier;
        }
    }

    record PutWalk(Walk walk) implements GroundChange, Put<Walk> {
        public PutWalk {
            Limits.present(walk, "walk");
        }

        @Override
        public Things<Walk> things() {
            return Things.WALKS;
        }

        @Override
        public Walk thing() {
            return walk;
        }
    }

    record RemoveWalk(UUID walk) implements GroundChange, Remove<Walk> {
        public RemoveWalk {
            Limits.present(walk, "walk");
        }

        @Override
        public Things<Walk> things() {
            return Things.WALKS;
        }

        @Override
        public UUID gone() {
            return walk;
        }
    }

    /** All spot heights anew. */
    record SetLevels(List<SpotHeight> levels) implements GroundChange {
        public SetLevels {
            levels = List.copyOf(Limits.present(levels, "levels"));
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withSite(plan.site().withLevels(levels));
        }

        @Override
        public Change inverse(Plan before) {
            return new SetLevels(before.site().levels());
        }
    }

    record SetSoil(SoilNotes soil) implements GroundChange {
        public SetSoil {
            Limits.present(soil, "soil");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withSite(plan.site().withSoil(soil));
        }

        @Override
        public Change inverse(Plan before) {
            return new SetSoil(before.site().soil());
        }
    }
}
