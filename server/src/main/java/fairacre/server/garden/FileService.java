package fairacre.server.garden;

import fairacre.format.GardenFile;
import fairacre.plan.Plan;
import fairacre.server.store.StoredGarden;
import fairacre.server.store.VariantStore;
import fairacre.server.store.VariantStore.Kept;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A garden as a file and back, with its ledger, its journal and its variants. */
@Service
public class FileService {

    private final GardenService gardens;
    private final LedgerService ledger;
    private final JournalService journal;
    private final VariantStore variants;

    FileService(GardenService gardens, LedgerService ledger, JournalService journal, VariantStore variants) {
        this.gardens = gardens;
        this.ledger = ledger;
        this.journal = journal;
        this.variants = variants;
    }

    /** What goes into the file of a garden; that of a variant holds no other variants. */
    public GardenFile.Contents contents(UUID owner, UUID garden) {
        Plan plan = gardens.get(owner, garden).plan();
        List<GardenFile.Variant> others = variants.of(garden).stream()
                .map(kept -> new GardenFile.Variant(
                        kept.name(),
                        kept.from(),
                        gardens.get(owner, kept.garden()).plan()))
                .toList();
        return new GardenFile.Contents(plan, ledger.entries(owner, garden), others, journal.all(owner, garden));
    }

    /** A new garden of what a file holds, under a name that is free. */
    @Transactional
    public StoredGarden bring(UUID owner, GardenFile.Contents contents) {
        Plan plan = contents.garden().withId(UUID.randomUUID());
        StoredGarden begun = ledger.begin(owner, plan, contents.receipts());
        journal.restore(plan.id(), owner, contents.journal());
        for (GardenFile.Variant variant : contents.variants()) {
            Plan other = variant.garden().withId(UUID.randomUUID());
            gardens.create(owner, other);
            variants.insert(new Kept(other.id(), plan.id(), variant.name(), variant.from()));
        }
        return begun;
    }
}
