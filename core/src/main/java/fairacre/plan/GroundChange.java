package fairacre.plan;

import java.util.List;
import java.util.UUID;

/** An edit of what stands on the ground besides beds, of who and what has to get through, and of what is known of the ground. */
public sealed interface GroundChange extends Change {

    /** A new feature, or another state of one with the same id. */
    record PutFeature(Feature feature) implements GroundChange {
        public PutFeature {
            Limits.present(feature, "feature");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withFeatures(Keyed.put(plan.features(), Feature::id, feature));
        }

        @Override
        public Change inverse(Plan before) {
            return Keyed.find(before.features(), Feature::id, feature.id()) == null
                    ? new RemoveFeature(feature.id()) : new PutFeature(Keyed.find(before.features(), Feature::id, feature.id()));
        }
    }

    record RemoveFeature(UUID feature) implements GroundChange {
        public RemoveFeature {
            Limits.present(feature, "feature");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withFeatures(Keyed.without(plan.features(), Feature::id, feature, "feature"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutFeature(Keyed.known(before.features(), Feature::id, feature, "feature"));
        }
    }

    record PutWayIn(WayIn wayIn) implements GroundChange {
        public PutWayIn {
            Limits.present(wayIn, "wayIn");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWaysIn(Keyed.put(plan.waysIn(), WayIn::id, wayIn));
        }

        @Override
        public Change inverse(Plan before) {
            WayIn old = Keyed.find(before.waysIn(), WayIn::id, wayIn.id());
            return old == null ? new RemoveWayIn(wayIn.id()) : new PutWayIn(old);
        }
    }

    record RemoveWayIn(UUID wayIn) implements GroundChange {
        public RemoveWayIn {
            Limits.present(wayIn, "wayIn");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWaysIn(Keyed.without(plan.waysIn(), WayIn::id, wayIn, "wayIn"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutWayIn(Keyed.known(before.waysIn(), WayIn::id, wayIn, "wayIn"));
        }
    }

    record PutCarrier(Carrier carrier) implements GroundChange {
        public PutCarrier {
            Limits.present(carrier, "carrier");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withCarriers(Keyed.put(plan.carriers(), Carrier::id, carrier));
        }

        @Override
        public Change inverse(Plan before) {
            Carrier old = Keyed.find(before.carriers(), Carrier::id, carrier.id());
            return old == null ? new RemoveCarrier(carrier.id()) : new PutCarrier(old);
        }
    }

    record RemoveCarrier(UUID carrier) implements GroundChange {
        public RemoveCarrier {
            Limits.present(carrier, "carrier");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withCarriers(Keyed.without(plan.carriers(), Carrier::id, carrier, "carrier"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutCarrier(Keyed.known(before.carriers(), Carrier::id, carrier, "carrier"));
        }
    }

    record PutWalk(Walk walk) implements GroundChange {
        public PutWalk {
            Limits.present(walk, "walk");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWalks(Keyed.put(plan.walks(), Walk::id, walk));
        }

        @Override
        public Change inverse(Plan before) {
            Walk old = Keyed.find(before.walks(), Walk::id, walk.id());
            return old == null ? new RemoveWalk(walk.id()) : new PutWalk(old);
        }
    }

    record RemoveWalk(UUID walk) implements GroundChange {
        public RemoveWalk {
            Limits.present(walk, "walk");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWalks(Keyed.without(plan.walks(), Walk::id, walk, "walk"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutWalk(Keyed.known(before.walks(), Walk::id, walk, "walk"));
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
