package fairacre.server.garden;

import fairacre.appraisal.Appraisal;
import fairacre.appraisal.AppraisalReport;
import fairacre.appraisal.BedAppraisal;
import fairacre.judging.Weight;
import fairacre.ledger.Paid;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.store.GardenStore;
import fairacre.server.store.StoredGarden;
import fairacre.server.store.VariantStore;
import fairacre.server.store.VariantStore.Kept;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Versions of one garden, kept beside it and held side by side. Every method throws {@link NoSuchGardenException} as
 * the garden's own do.
 */
@Service
public class VariantService {

    private static final int MOST_VARIANTS = 12;

    private final GardenService gardens;
    private final GardenStore store;
    private final VariantStore variants;
    private final Failures failures;

    VariantService(GardenService gardens, GardenStore store, VariantStore variants, Failures failures) {
        this.gardens = gardens;
        this.store = store;
        this.variants = variants;
        this.failures = failures;
    }

    /**
     * One version in figures, for a season.
     *
     * @param main whether it is the garden itself
     * @param from season from which it is meant to differ; the first season for the garden itself
     * @param ground corners of the first piece of ground
     * @param beds corners of each bed that stands
     * @param edge length of all edges of beds
     * @param serious number of serious snags
     * @param snags number of all snags
     */
    public record Version(
            UUID garden,
            String name,
            boolean main,
            int from,
            List<Point> ground,
            List<List<Point>> beds,
            Area growing,
            Length edge,
            Money planned,
            int serious,
            int snags) {}

    /**
     * A copy of a garden, or of a variant, under a name of its own.
     *
     * @throws RefusedException if the season is before the garden's first or there are too many variants
     */
    @Transactional
    public StoredGarden keep(UUID owner, UUID garden, String name, int from) {
        StoredGarden stored = gardens.get(owner, garden);
        UUID main = variants.main(owner, garden);
        if (from < stored.plan().firstSeason()) {
            throw new RefusedException(
                    "from", "the garden begins in " + stored.plan().firstSeason(), "give that season or a later one");
        }
        if (name == null || name.isBlank() || name.strip().length() > 80) {
            throw new RefusedException(
                    "name", "a name of 1 to 80 characters is needed", "write what is different about it");
        }
        if (variants.of(main).size() >= MOST_VARIANTS) {
            throw new RefusedException("name", "there are " + MOST_VARIANTS + " variants already", "delete one first");
        }
        Plan copy = stored.plan().withId(UUID.randomUUID());
        StoredGarden kept = gardens.create(owner, copy);
        variants.insert(new Kept(copy.id(), main, name.strip(), from));
        return kept;
    }

    /** The garden itself and its variants, whichever of them is asked about. */
    public List<Version> versions(UUID owner, UUID garden, int season) {
        UUID main = variants.main(owner, garden);
        Plan plan = gardens.get(owner, main).plan();
        plan.seasonInView(season);
        List<Paid> paid = gardens.paid(owner, main);
        List<Version> versions =
                new ArrayList<>(List.of(version(owner, plan, paid, plan.name(), true, plan.firstSeason(), season)));
        for (Kept kept : variants.of(main)) {
            versions.add(version(
                    owner, gardens.get(owner, kept.garden()).plan(), paid, kept.name(), false, kept.from(), season));
        }
        return versions;
    }

    /** The garden becomes as the variant is: one edit that can be undone. */
    @Transactional
    public StoredGarden takeOver(UUID owner, UUID by, UUID garden, UUID variant, long revision) {
        Kept kept = variants.find(owner, variant)
                .filter(v -> v.of().equals(garden))
                .orElseThrow(NoSuchGardenException::new);
        Plan version = store.find(owner, variant)
                .orElseThrow(NoSuchGardenException::new)
                .plan();
        return gardens.change(owner, by, garden, revision, null, new Change.TakeOver(kept.name(), version));
    }

    /**
     * What a garden is a variant of; empty for a garden of its own.
     *
     * @throws NoSuchGardenException if the owner has none of this id
     */
    public Optional<Kept> find(UUID owner, UUID garden) {
        gardens.plan(owner, garden);
        return variants.find(owner, garden);
    }

    private Version version(UUID owner, Plan plan, List<Paid> paid, String name, boolean main, int from, int season) {
        AppraisalReport report = failures.told(
                plan, Appraisal.of(plan, season, gardens.memo(owner, plan.id()), paid), Appraisal::preview);
        double edge = report.beds().stream()
                .mapToDouble(bed -> Polygons.of(bed.corners()).getLength())
                .sum();
        int serious = (int) report.snags().stream()
                .filter(snag -> snag.weight() == Weight.SERIOUS)
                .count();
        return new Version(
                plan.id(),
                name,
                main,
                from,
                plan.site().corners(),
                report.beds().stream().map(BedAppraisal::corners).toList(),
                report.growing(),
                Length.metres(edge),
                report.purse().planned(),
                serious,
                report.snags().size());
    }
}
