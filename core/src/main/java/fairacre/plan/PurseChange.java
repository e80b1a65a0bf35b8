package fairacre.plan;

import fairacre.build.Workshop;
import fairacre.goods.Supply;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** An edit of what is paid for besides what the plan's drawing calls for. */
public sealed interface PurseChange extends Change {

    /** How loose stuff comes to the garden from now on. */
    record PutSupply(Supply supply) implements PurseChange {
        public PutSupply {
            Limits.present(supply, "supply");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withSupply(supply);
        }

        @Override
        public Change inverse(Plan before) {
            return new PutSupply(before.supply());
        }

        @Override
        public String words(Names names) {
            return "Changed how bulk material comes";
        }
    }

    /** With what boards are cut from now on, and those that are there already. */
    record PutWorkshop(Workshop workshop) implements PurseChange {
        public PutWorkshop {
            Limits.present(workshop, "workshop");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWorkshop(workshop);
        }

        @Override
        public Change inverse(Plan before) {
            return new PutWorkshop(before.workshop());
        }

        @Override
        public String words(Names names) {
            return "Changed the saw or the shed";
        }
    }

    /**
     * What begins in a season is left for another.
     *
     * @param beds of which those are put off that are built anew or rebuilt in the season
     * @param walks whether the walks that are made and the drains that are laid in the season are put off
     * @param sundries whether the other lines of the bill are
     */
    record PutOff(int season, int to, List<UUID> beds, boolean walks, boolean sundries) implements PurseChange {
        public PutOff {
            Limits.season(season, "season");
            Limits.season(to, "to");
            Limits.present(beds, "beds");
            beds = List.copyOf(beds);
        }

        /** @throws RefusedException if nothing of it begins in the season */
        @Override
        public Plan carriedOut(Plan plan) {
            return steps(plan).carriedOut(plan);
        }

        @Override
        public Change inverse(Plan before) {
            return steps(before).inverse(before);
        }

        @Override
        public String words(Names names) {
            return "Put work of " + season + " off to " + to;
        }

        /**
         * Each edit of its own.
         *
         * @throws RefusedException if nothing of it begins in the season
         */
        public Change.Batch steps(Plan plan) {
            List<Change> steps = new ArrayList<>();
            for (UUID bed : beds) {
                plan.bed(bed)
                        .revision(season)
                        .filter(revision -> !revision.existing())
                        .ifPresent(revision -> steps.add(new Change.RescheduleRevision(bed, season, to)));
            }
            if (walks) {
                plan.walks().stream()
                        .filter(walk -> walk.build().made() && plan.season(walk) == season)
                        .forEach(walk -> steps.add(
                                Put.of(walk.withLifetime(walk.lifetime().beginning(to)))));
                plan.features().stream()
                        .filter(feature -> feature.kind() == FeatureKind.DRAIN
                                && feature.lifetime().beginsIn(season))
                        .forEach(drain -> steps.add(
                                Put.of(drain.withLifetime(drain.lifetime().beginning(to)))));
            }
            if (sundries) {
                Things.all().forEach(kind -> kind.delaying(plan, season, to).forEach(steps::add));
            }
            if (steps.isEmpty()) {
                throw new RefusedException(
                        "season", "nothing of this begins in " + season, "choose a season in which something is built");
            }
            return new Change.Batch("Put work of " + season + " off to " + to, steps);
        }
    }
}
