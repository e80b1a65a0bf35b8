package fairacre.plan;

import fairacre.limits.Limits;
import java.util.List;

/**
 * An edit of what stands on the ground besides beds, of who and what has to get through, and of what is known of the
 * ground.
 */
public sealed interface GroundChange extends Change {

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

        @Override
        public String words(Names names) {
            return "Set the levels";
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

        @Override
        public String words(Names names) {
            return "Noted the soil";
        }
    }
}
