package fairacre.server.demo;

import fairacre.format.FaultyFileException;
import fairacre.format.GardenFile;
import fairacre.format.GardenJson;
import fairacre.journal.JournalEntry;
import fairacre.journal.Kept;
import fairacre.ledger.Receipt;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.JournalService;
import fairacre.server.garden.LedgerService;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.store.GardenStore;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * A garden to look round in, with its receipts and its journal, of which everybody who wants to has a copy of their
 * own; only where the program is started with demo data.
 */
@Component
public class DemoGarden implements ApplicationRunner {

    private static final String RECEIPTS = "demo/lampwrights-yard.receipts.json";
    private static final String JOURNAL = "demo/lampwrights-yard.journal.json";

    private final GardenService gardens;
    private final LedgerService ledger;
    private final JournalService journal;
    private final TransactionTemplate inTransaction;
    private final boolean wanted;
    private final AtomicReference<Sample> sample = new AtomicReference<>();

    /** What comes with the program. */
    private record Sample(Plan plan, List<Receipt> receipts, List<Kept> journal) {}

    DemoGarden(
            GardenService gardens,
            LedgerService ledger,
            JournalService journal,
            PlatformTransactionManager transactions,
            @Value("${fairacre.demo}") boolean wanted) {
        this.gardens = gardens;
        this.ledger = ledger;
        this.journal = journal;
        this.inTransaction = new TransactionTemplate(transactions);
        this.wanted = wanted;
    }

    /** Whether there are demo data to look round in. */
    public boolean isOffered() {
        return wanted;
    }

    /** @throws NoSuchGardenException if the program was started without demo data */
    public void checkOffered() {
        if (!wanted) {
            throw new NoSuchGardenException();
        }
    }

    /**
     * An account's copy of the demo: the one that it has under the demo's name, or a new one.
     *
     * @throws NoSuchGardenException as above
     */
    public UUID of(UUID account) {
        checkOffered();
        Sample copied = sample();
        return gardens.list(account).stream()
                .filter(garden -> garden.name().equals(copied.plan().name()))
                .map(GardenStore.Listed::id)
                .findFirst()
                .orElseGet(() -> inTransaction.execute(status -> copy(copied, account)));
    }

    private UUID copy(Sample copied, UUID account) {
        UUID garden = UUID.randomUUID();
        gardens.create(account, copied.plan().withId(garden));
        copied.receipts().forEach(receipt -> ledger.enter(account, garden, receipt.withId(UUID.randomUUID()), true));
        journal.restore(garden, account, copied.journal());
        return garden;
    }

    private Sample sample() {
        return sample.updateAndGet(read -> read == null ? read() : read);
    }

    private static Sample read() {
        try (InputStream plan = new ClassPathResource(GardenService.SAMPLE).getInputStream();
                InputStream receipts = new ClassPathResource(RECEIPTS).getInputStream();
                InputStream journal = new ClassPathResource(JOURNAL).getInputStream()) {
            return new Sample(
                    GardenFile.read(plan),
                    List.of(GardenJson.mapper().readValue(receipts, Receipt[].class)),
                    Arrays.stream(GardenJson.mapper().readValue(journal, JournalEntry[].class))
                            .map(entry -> new Kept(entry, false))
                            .toList());
        } catch (IOException | FaultyFileException broken) {
            throw new IllegalStateException("the demo that comes with the program can't be read", broken);
        }
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (wanted) {
            gardens.expectCopiesOf(sample().plan());
        }
    }
}
