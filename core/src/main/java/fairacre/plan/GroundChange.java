package fairacre.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;

/** An edit of what stands on the ground besides beds, of who and what has to get through, and of what is known of the ground. */
public sealed interface GroundChange extends Change {

    /** A new feature, or another state of one with the same id. */
    record PutFeature(Feature feature) implements GroundChange {
        public PutFeature {
            Limits.present(feature, "feature");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withFeatures(put(plan.features(), Feature::id, feature));
        }

        @Override
        public Change inverse(Plan before) {
            return find(before.features(), Feature::id, feature.id()) == null
                    ? new RemoveFeature(feature.id()) : new PutFeature(find(before.features(), Feature::id, feature.id()));
        }
    }

    record RemoveFeature(UUID feature) implements GroundChange {
        public RemoveFeature {
            Limits.present(feature, "feature");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withFeatures(without(plan.features(), Feature::id, feature, "feature"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutFeature(known(before.features(), Feature::id, feature, "feature"));
        }
    }

    record PutWayIn(WayIn wayIn) implements GroundChange {
        public PutWayIn {
            Limits.present(wayIn, "wayIn");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWaysIn(put(plan.waysIn(), WayIn::id, wayIn));
        }

        @Override
        public Change inverse(Plan before) {
            WayIn old = find(before.waysIn(), WayIn::id, wayIn.id());
            return old == null ? new RemoveWayIn(wayIn.id()) : new PutWayIn(old);
        }
    }

    record RemoveWayIn(UUID wayIn) implements GroundChange {
        public RemoveWayIn {
            Limits.present(wayIn, "wayIn");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWaysIn(without(plan.waysIn(), WayIn::id, wayIn, "wayIn"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutWayIn(known(before.waysIn(), WayIn::id, wayIn, "wayIn"));
        }
    }

    record PutCarrier(Carrier carrier) implements GroundChange {
        public PutCarrier {
            Limits.present(carrier, "carrier");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withCarriers(put(plan.carriers(), Carrier::id, carrier));
        }

        @Override
        public Change inverse(Plan before) {
            Carrier old = find(before.carriers(), Carrier::id, carrier.id());
            return old == null ? new RemoveCarrier(carrier.id()) : new PutCarrier(old);
        }
    }

    record RemoveCarrier(UUID carrier) implements GroundChange {
        public RemoveCarrier {
            Limits.present(carrier, "carrier");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withCarriers(without(plan.carriers(), Carrier::id, carrier, "carrier"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutCarrier(known(before.carriers(), Carrier::id, carrier, "carrier"));
        }
    }

    record PutWalk(Walk walk) implements GroundChange {
        public PutWalk {
            Limits.present(walk, "walk");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWalks(put(plan.walks(), Walk::id, walk));
        }

        @Override
        public Change inverse(Plan before) {
            Walk old = find(before.walks(), Walk::id, walk.id());
            return old == null ? new RemoveWalk(walk.id()) : new PutWalk(old);
        }
    }

    record RemoveWalk(UUID walk) implements GroundChange {
        public RemoveWalk {
            Limits.present(walk, "walk");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWalks(without(plan.walks(), Walk::id, walk, "walk"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutWalk(known(before.walks(), Walk::id, walk, "walk"));
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

    private static <T> List<T> put(List<T> all, Function<T, UUID> id, T value) {
        List<T> kept = new ArrayList<>(all);
        kept.removeIf(other -> id.apply(other).equals(id.apply(value)));
        kept.add(value);
        return kept;
    }

    private static <T> List<T> without(List<T> all, Function<T, UUID> id, UUID gone, String field) {
        known(all, id, gone, field);
        return all.stream().filter(value -> !id.apply(value).equals(gone)).toList();
    }

    private static <T> T known(List<T> all, Function<T, UUID> id, UUID wanted, String field) {
        T found = find(all, id, wanted);
        if (found == null) {
            throw new RefusedException(field, "there is none " + wanted, "look at the newest plan");
        }
        return found;
    }

    private static <T> T find(List<T> all, Function<T, UUID> id, UUID wanted) {
        return all.stream().filter(value -> id.apply(value).equals(wanted)).findFirst().orElse(null);
    }
}
