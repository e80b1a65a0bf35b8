package fairacre.server.demo;

import fairacre.format.FaultyFileException;
import fairacre.format.GardenFile;
import fairacre.server.garden.GardenService;
import fairacre.server.security.SignIn;
import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
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
    private static final String FILE = "demo/lampwrights-yard.garden.json";

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

    /** The demo account; empty if there are no demo data. */
    public Optional<Account> account() {
        return wanted ? accounts.byName(NAME) : Optional.empty();
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException, FaultyFileException {
        if (!wanted || account().isPresent()) {
            return;
        }
        // Nobody signs in with this password: the demo is entered without one.
        Account account = signIn.register(NAME, UUID.randomUUID().toString());
        try (InputStream file = new ClassPathResource(FILE).getInputStream()) {
            gardens.create(account.id(), GardenFile.read(file).withId(UUID.randomUUID()));
        }
    }
}
