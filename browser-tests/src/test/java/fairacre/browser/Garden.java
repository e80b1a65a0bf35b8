package fairacre.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import fairacre.format.GardenFile;
import fairacre.plan.Plan;
import fairacre.server.RunningServer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Somebody at the browser: one window with its own cookies, and the gestures that the tests are told in. */
final class Garden implements AutoCloseable {

    static final RunningServer SERVER = RunningServer.get();
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--no-first-run");
    /** Milliseconds: the remedies of the whole demo garden take their time on a machine that others use too. */
    private static final double SLOWEST = 120_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(SLOWEST);
    }

    private static Browser browser;
    private static List<Cookie> guest = List.of();
    private static String demoAddress = "";

    private final BrowserContext context;
    private final Page page;
    private final List<String> complaints = new ArrayList<>();
    private final List<String> elsewhere = new ArrayList<>();

    private Garden(int width, int height) {
        context = browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        // What it keeps is tried in OutdoorsTest; elsewhere each window would fetch it anew.
                        .setServiceWorkers(ServiceWorkerPolicy.BLOCK));
        context.setDefaultTimeout(SLOWEST);
        page = watched(context.newPage());
    }

    /** A window of the usual size at the first page. */
    static Garden opened() {
        return opened(1280, 800);
    }

    static Garden opened(int width, int height) {
        Garden garden = new Garden(width, height);
        garden.page.navigate(SERVER.address());
        return garden;
    }

    /** Signed up, with a garden on a plot of 10 x 8 m that begins in 2027. */
    static Garden begun() {
        Garden garden = opened().signUp();
        garden.button("Begin a garden").click();
        garden.type("Name of the garden", "Test garden");
        garden.type("First season", "2027");
        garden.type("Budget", "2000");
        garden.button("Begin this garden").click();
        return garden.atTheBeds();
    }

    /** Signed up, with this plan brought from a file. */
    static Garden with(Plan plan) throws Exception {
        Garden garden = opened().signUp();
        Path file = java.nio.file.Files.createTempFile("garden", ".json");
        java.nio.file.Files.write(file, GardenFile.write(plan));
        garden.page.getByLabel("Garden file").setInputFiles(file);
        garden.atTheBeds();
        java.nio.file.Files.delete(file);
        return garden;
    }

    /**
     * In the demo garden. All tests look round as the same guest: the remedies of a copy that is new are worked out
     * anew.
     */
    static synchronized Garden demo() {
        Garden garden = new Garden(1280, 800);
        if (guest.isEmpty()) {
            garden.page.navigate(SERVER.address());
            garden.button("Look round the demo").click();
            garden.sheet().waitFor();
            demoAddress = garden.page.url();
            guest = garden.context.cookies().stream()
                    .map(cookie -> new Cookie(cookie.name, cookie.value).setUrl(SERVER.address()))
                    .toList();
        } else {
            garden.context.addCookies(guest);
            garden.page.navigate(demoAddress);
        }
        return garden.atTheBeds();
    }

    private Garden atTheBeds() {
        sheet().waitFor();
        step("Beds");
        return this;
    }

    Garden signUp() {
        page.getByLabel("E-mail or user name").fill(UUID.randomUUID() + "@example.org");
        page.getByLabel("Password, at least 10 characters").fill("a long enough one");
        button("Sign up").click();
        button("Begin a garden").waitFor();
        return this;
    }

    Page page() {
        return page;
    }

    BrowserContext context() {
        return context;
    }

    /** Another window of the same person on the same garden. */
    Page secondTab() {
        Page second = watched(context.newPage());
        second.navigate(page.url());
        second.getByTestId("sheet").waitFor();
        return second;
    }

    Locator sheet() {
        return page.getByTestId("sheet");
    }

    Locator bed(String name) {
        return page.locator("[data-bed=\"" + name + "\"]");
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** Types into a field and takes it with Enter. */
    void type(String label, String text) {
        field(label).fill(text);
        field(label).press("Enter");
    }

    void step(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .click();
    }

    void season(int season) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^" + season)))
                .click();
    }

    Locator snags() {
        return page.getByLabel("Snags", new Page.GetByLabelOptions().setExact(true));
    }

    /** The table that has the page to itself, by its title; panels that are still there have tables too. */
    Locator paper(String title) {
        return page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName(title).setExact(true))
                .getByRole(AriaRole.TABLE);
    }

    String figure(String label) {
        return page.locator("[data-figure=\"" + label + "\"]").textContent();
    }

    /** Places a bed by its numbers. */
    void place(String length, String width, String left, String foot) {
        button("Place by numbers").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Length").fill(length);
        dialog.getByLabel("Width").fill(width);
        dialog.getByLabel("From plot's left").fill(left);
        dialog.getByLabel("From plot's foot").fill(foot);
        // Enter in any field places it.
        dialog.getByLabel("From plot's foot").press("Enter");
        kept();
    }

    /** Waits until every edit has been kept and judged. */
    void kept() {
        page.getByText("Keeping …")
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        page.waitForTimeout(250);
    }

    /** Presses the mouse on the left part of a bed and moves it by pixels, without letting go. */
    void drag(Locator bed, double right, double down) {
        BoundingBox box = bed.boundingBox();
        // Not at the end, where the handles of a selected bed are.
        double left = box.x + box.width / 4;
        Mouse mouse = page.mouse();
        mouse.move(left, box.y + box.height / 2);
        mouse.down();
        mouse.move(left + right / 2, box.y + box.height / 2 + down / 2);
        mouse.move(left + right, box.y + box.height / 2 + down, new Mouse.MoveOptions().setSteps(6));
    }

    void letGo() {
        page.mouse().up();
        kept();
    }

    /** Errors that the browser reported, and addresses outside of the program that it asked. */
    List<String> complaints() {
        List<String> all = new ArrayList<>(complaints);
        elsewhere.forEach(url -> all.add("asked " + url));
        return all;
    }

    @Override
    public void close() {
        context.close();
    }

    private Page watched(Page opened) {
        opened.onPageError(complaints::add);
        opened.onConsoleMessage(message -> {
            // What the program refuses is answered with a status that the console notes as an error of its own.
            if (message.type().equals("error") && !message.text().startsWith("Failed to load resource")) {
                complaints.add(message.text());
            }
        });
        opened.onRequest(request -> {
            boolean own =
                    request.url().startsWith(SERVER.address()) || request.url().startsWith("blob:");
            if (!own) {
                elsewhere.add(request.url());
            }
        });
        return opened;
    }

    private static synchronized Browser browser() {
        if (browser == null) {
            browser = launched();
        }
        return browser;
    }

    /** Another browser of its own, with more arguments. */
    static Browser launched(String... more) {
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(Stream.concat(ARGUMENTS.stream(), Stream.of(more))
                                .toList()));
    }
}
