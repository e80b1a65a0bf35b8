package fairacre.server.demo;

import fairacre.format.FaultyFileException;
import fairacre.format.GardenFile;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.security.SignIn;
import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import java.io.IOException;
import java.io.InputStream;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** An account that anybody may look round in, with one garden; only where the program is started with demo data. */
@Component
public class DemoGarden implements ApplicationRunner {

    private static final String NAME = "demo@fairacre.example";

    private final AccountStore accounts;
    private final SignIn signIn;
    private final GardenService gardens;
    private final boolean wanted;

    DemoGarden(AccountStore accounts, SignIn signIn, GardenService gardens, @Value("${fairacre.demo}") boolean wanted) {
        this.accounts = accounts;
        this.signIn = signIn;
        this.gardens = gardens;
        this.wanted = wanted;
    }

    /** Whether there are demo data to look round in. */
    public boolean isOffered() {
        return wanted;
    }

    /**
     * The demo account, with its garden in it: whoever was there before may have deleted it.
     *
     * @throws NoSuchGardenException if the program was started without demo data
     */
    public Account enter() throws IOException, FaultyFileException {
        if (!wanted) {
            throw new NoSuchGardenException();
        }
        // Nobody signs in with this password: the demo is entered without one.
        Account account = accounts.byName(NAME).orElseGet(() -> signIn.register(NAME, UUID.randomUUID().toString()));
        if (gardens.list(account.id()).isEmpty()) {
            try (InputStream file = new ClassPathResource(GardenService.SAMPLE).getInputStream()) {
                gardens.create(account.id(), GardenFile.read(file).withId(UUID.randomUUID()));
            }
        }
        return account;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException, FaultyFileException {
        if (wanted) {
            enter();
        }
    }
}
