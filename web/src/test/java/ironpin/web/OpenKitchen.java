package ironpin.web;

import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import ironpin.store.KitStore;
import ironpin.store.MinuteStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/** The real application with the demo kitchen on a free port, and a real browser in front of it; a kitchen for each class. */
public abstract class OpenKitchen {
    private static final List<String> CHROMIUM_ARGS = List.of(
            "--no-sandbox", "--disable-gpu", "--disable-quic", "--disable-background-networking", "--lang=en-GB");

    private static ConfigurableApplicationContext application;
    private static Playwright playwright;
    private static Browser browser;

    /** What pages complained of. */
    protected final List<String> errors = new CopyOnWriteArrayList<>();

    private final String[] options;

    /** @param options of the application beside the usual ones */
    protected OpenKitchen(String... options) {
        this.options = options;
    }

    @BeforeClass(alwaysRun = true)
    public void openTheKitchen() throws IOException {
        open(getClass().getSimpleName(), options);
    }

    @AfterClass(alwaysRun = true)
    public void closeTheKitchen() {
        leaveEveryPage();
        application.close();
        application = null;
    }

    /** Pages that nobody closed would knock at a closed kitchen for as long as the browser lives. */
    final void leaveEveryPage() {
        browser.contexts().forEach(BrowserContext::close);
        assertTrue(errors.isEmpty(), errors.toString());
    }

    /** A kitchen as new, and a browser. @param name of its folder: no two that are open at once have the same */
    static void open(String name, String... options) throws IOException {
        empty(folder(name));
        application = start(name, options);
        openTheBrowser();
    }

    /** A kitchen as it was left. */
    static ConfigurableApplicationContext start(String name, String... options) {
        List<String> all = new ArrayList<>(List.of(options));
        all.addAll(
                List.of("--ironpin.demo=true", "--ironpin.data=" + folder(name).toAbsolutePath()));
        if (all.stream().noneMatch(one -> one.startsWith("--server.port="))) {
            all.add("--server.port=0");
        }
        return SpringApplication.run(Ironpin.class, all.toArray(String[]::new));
    }

    static Path folder(String name) {
        return Path.of("target", "kitchens", name);
    }

    /** One for all classes of a process: it keeps nothing from one device to the next. */
    static void openTheBrowser() {
        if (browser != null) {
            return;
        }
        // A shared disk may keep a write waiting; a page that never comes right still fails.
        PlaywrightAssertions.setDefaultAssertionTimeout(Integer.getInteger("ironpin.patience", 20_000));
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(chromium())
                        .setArgs(CHROMIUM_ARGS)
                        .setEnv(Map.of("LANGUAGE", "en_GB")));
    }

    /** As the launcher says; else the one without windows where it is there. */
    private static Path chromium() {
        Path light = Path.of("/usr/bin/chromium-headless-shell");
        String usual = Files.isExecutable(light) ? light.toString() : "/usr/bin/chromium";
        return Path.of(System.getProperty("ironpin.chromium", usual));
    }

    /** The kitchen and the browser. */
    static void closeAll() {
        application.close();
        browser.close();
        playwright.close();
    }

    protected static String address() {
        return address(application);
    }

    static String address(ConfigurableApplicationContext kitchen) {
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) kitchen).getWebServer().getPort();
    }

    protected static <T> T bean(Class<T> type) {
        return application.getBean(type);
    }

    protected static <T> T bean(String name, Class<T> type) {
        return application.getBean(name, type);
    }

    /** A tablet or laptop of its own. */
    protected static BrowserContext device(int width, int height) {
        return device(new Browser.NewContextOptions().setViewportSize(width, height));
    }

    /** One that keeps nothing for a time without the network, unless it is asked to: what a page shows came from the kitchen. */
    protected static BrowserContext device(Browser.NewContextOptions options) {
        return device(options, "en-GB");
    }

    /** @param locale as the browser asks for it */
    protected static BrowserContext device(Browser.NewContextOptions options, String locale) {
        if (options.serviceWorkers == null) {
            options.setServiceWorkers(ServiceWorkerPolicy.BLOCK);
        }
        if (application != null) {
            options.setBaseURL(address());
        }
        BrowserContext context = browser.newContext(options.setLocale(locale));
        context.setDefaultTimeout(30_000);
        return context;
    }

    /** A page whose errors are written down: what throws, and what breaks the content policy. */
    protected Page page(BrowserContext device) {
        Page page = device.newPage();
        page.onPageError(error -> errors.add(page.url() + ": " + error));
        page.onConsoleMessage(message -> {
            // A refused value and a request given up by leaving the page are no faults.
            boolean expected = message.text().matches("(?s).*(422|413|htmx:sendAbort|htmx:afterRequest).*");
            if (message.type().equals("error") && !expected) {
                errors.add(page.url() + ": " + message.text());
            }
        });
        return page;
    }

    /** A button by its name, and whatever page follows. */
    protected static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
        page.waitForLoadState();
    }

    /** A test that says how long work takes leaves no cook of its own behind. */
    protected static void forgetMinutes() {
        bean(KitStore.class).load().hand().minutes().percents().keySet().forEach(bean(MinuteStore.class)::forget);
    }

    static void empty(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> files = Files.walk(folder)) {
                for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(file);
                }
            }
        }
    }
}
