package fairacre.server.demo;

import fairacre.format.FaultyFileException;
import fairacre.format.GardenFile;
import fairacre.format.GardenJson;
import fairacre.journal.JournalEntry;
import fairacre.journal.Kept;
import fairacre.ledger.Receipt;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.JournalService;
import fairacre.server.garden.LedgerService;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.security.Accounts;
import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * An account that anybody may look round in, with one garden, its receipts and its journal; only where the program is
 * started with demo data.
 */
@Component
public class DemoGarden implements ApplicationRunner {

    private static final String NAME = "demo@fairacre.example";
    private static final String RECEIPTS = "demo/lampwrights-yard.receipts.json";
    private static final String JOURNAL = "demo/lampwrights-yard.journal.json";

    private final AccountStore accounts;
    private final Accounts registry;
    private final GardenService gardens;
    private final LedgerService ledger;
    private final JournalService journal;
    private final TransactionTemplate inTransaction;
    private final boolean wanted;

    DemoGarden(
            AccountStore accounts,
            Accounts registry,
            GardenService gardens,
            LedgerService ledger,
            JournalService journal,
            PlatformTransactionManager transactions,
            @Value("${fairacre.demo}") boolean wanted) {
        this.accounts = accounts;
        this.registry = registry;
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

    /** Whether it is the account that everybody shares. */
    public boolean isDemo(UUID account) {
        return accounts.byId(account).filter(found -> found.name().equals(NAME)).isPresent();
    }

    /**
     * The demo account, with its garden in it: whoever was there before may have deleted it.
     *
     * @throws NoSuchGardenException if the program was started without demo data
     */
    public Account enter() {
        if (!wanted) {
            throw new NoSuchGardenException();
        }
        return accounts.byName(NAME)
                .filter(account -> !gardens.list(account.id()).isEmpty())
                .orElseGet(() -> inTransaction.execute(status -> made()));
    }

    /** Two programs may start at once: one makes it and the other finds it made. */
    private Account made() {
        accounts.aloneAtTheStart();
        // Nobody signs in with this password: the demo is entered without one.
        Account account = accounts.byName(NAME)
                .orElseGet(() -> registry.register(NAME, UUID.randomUUID().toString()));
        if (gardens.list(account.id()).isEmpty()) {
            try (InputStream file = new ClassPathResource(GardenService.SAMPLE).getInputStream()) {
                UUID garden = UUID.randomUUID();
                gardens.create(account.id(), GardenFile.read(file).withId(garden));
                enterReceipts(account.id(), garden);
                writeJournal(account.id(), garden);
            } catch (IOException | FaultyFileException broken) {
                throw new IllegalStateException("the demo that comes with the program can't be read", broken);
            }
        }
        return account;
    }

    private void enterReceipts(UUID owner, UUID garden) throws IOException {
        try (InputStream file = new ClassPathResource(RECEIPTS).getInputStream()) {
            for (Receipt receipt : GardenJson.mapper().readValue(file, Receipt[].class)) {
                ledger.enter(owner, garden, receipt.withId(UUID.randomUUID()), true);
            }
        }
    }

    private void writeJournal(UUID owner, UUID garden) throws IOException {
        try (InputStream file = new ClassPathResource(JOURNAL).getInputStream()) {
            journal.restore(
                    garden,
                    owner,
                    Arrays.stream(GardenJson.mapper().readValue(file, JournalEntry[].class))
                            .map(entry -> new Kept(entry, false))
                            .toList());
        }
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (wanted) {
            enter();
        }
    }
}
