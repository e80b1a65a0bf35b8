package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.server.RunningServer;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.PublicKey;
import java.security.cert.CertificateFactory;
import java.util.Base64;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A phone that knows the program by its name on the home network and trusts the household's certificates. */
class OutdoorsTest {

    private static final String NAME = "garden.home";

    @TempDir
    static Path directory;

    private static RunningServer server;
    private static Browser phone;

    @BeforeAll
    static void start() throws Exception {
        server = RunningServer.atHome(directory.resolve("home"), NAME);
        phone = Garden.launched(
                "--host-resolver-rules=MAP " + NAME + " 127.0.0.1",
                "--ignore-certificate-errors-spki-list="
                        + fingerprint(directory.resolve("home/fair-acre-at-home.crt")));
    }

    @AfterAll
    static void stop() {
        phone.close();
        server.stop();
    }

    /** Of the authority's key: what Chromium takes in place of a certificate that was installed. */
    private static String fingerprint(Path certificate) throws Exception {
        try (InputStream in = Files.newInputStream(certificate)) {
            PublicKey key = CertificateFactory.getInstance("X.509")
                    .generateCertificate(in)
                    .getPublicKey();
            return Base64.getEncoder()
                    .encodeToString(MessageDigest.getInstance("SHA-256").digest(key.getEncoded()));
        }
    }

    private static Page opened(BrowserContext context) {
        Page page = context.newPage();
        page.navigate("https://" + NAME + ":" + server.homePort() + "/");
        page.getByText("Look round the demo").click();
        page.getByTestId("sheet").waitFor();
        return page;
    }

    @Test
    void theShoppingListOpensWithoutASignalAndWhatIsTickedIsSentLater() {
        try (BrowserContext context = phone.newContext(new Browser.NewContextOptions().setViewportSize(390, 844))) {
            Page page = opened(context);
            String garden = page.url().replaceFirst("[?].*", "");
            page.evaluate("navigator.serviceWorker.ready.then(() => undefined)");
            page.navigate(garden + "/shopping?season=2028");
            Locator boxes = page.getByRole(AriaRole.CHECKBOX);
            boxes.first().waitFor();
            page.reload();
            boxes.first().waitFor();
            int ticked = page.locator("input:checked").count();

            context.setOffline(true);
            page.reload();
            boxes.first().waitFor();
            assertThat(page.getByText("As of")).isVisible();
            Locator free = page.locator("input:not(:checked)").first();
            free.evaluate("box => box.setAttribute('data-mine', '')");
            page.locator("[data-mine]").click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("1 waits for a signal to be sent"))
                    .click();
            assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What waits to be sent")))
                    .containsText("Bought: ");
            page.reload();
            boxes.first().waitFor();
            assertThat(page.locator("input:checked")).hasCount(ticked + 1);

            page.waitForResponse("**/ticks", () -> context.setOffline(false));
            assertThat(page.getByText("waits for a signal")).hasCount(0);
            page.reload();
            boxes.first().waitFor();
            assertThat(page.locator("input:checked")).hasCount(ticked + 1);
        }
    }

    /** The guest signs up, and goes back to the garden. */
    private static void keep(Page page) {
        String garden = page.url();
        page.getByText("Sign up to keep it").click();
        page.getByLabel("E-mail or user name").fill(UUID.randomUUID() + "@example.org");
        page.getByLabel("Password, at least 10 characters").fill("a long enough one");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign up"))
                .click();
        page.getByText("Begin a garden").waitFor();
        page.navigate(garden);
        page.getByTestId("sheet").waitFor();
    }

    @Test
    void nothingOfTheGardensStaysAfterSigningOut() {
        try (BrowserContext context = phone.newContext()) {
            Page page = opened(context);
            keep(page);
            page.evaluate("navigator.serviceWorker.ready.then(() => undefined)");
            page.reload();
            page.getByTestId("sheet").waitFor();
            page.waitForFunction("caches.has('outdoors')");
            page.getByText("Sign out").click();
            page.getByText("Look round the demo").waitFor();
            assertThat(page.evaluate("caches.open('outdoors').then(kept => kept.keys())"
                            + ".then(kept => kept.filter(({url}) => url.includes('/gardens/')).length)"))
                    .isEqualTo(0);
        }
    }
}
