package ironpin.web;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/** A kitchen for each test, which is closed and opened again under the pages of a device that keeps what it looked at. */
abstract class LeftKitchen extends OpenKitchen {
    private final int width;
    private final int height;

    ConfigurableApplicationContext kitchen;
    BrowserContext device;
    int port;

    LeftKitchen(int width, int height) {
        this.width = width;
        this.height = height;
    }

    @Override
    @BeforeClass(alwaysRun = true)
    public void openTheKitchen() {
        openTheBrowser();
    }

    @Override
    @AfterClass(alwaysRun = true)
    public void closeTheKitchen() {
        leaveEveryPage();
    }

    @BeforeMethod
    public void openIt() throws IOException {
        empty(folder(name()));
        start(0);
        port = ((WebServerApplicationContext) kitchen).getWebServer().getPort();
        device = device(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setServiceWorkers(ServiceWorkerPolicy.ALLOW));
    }

    @AfterMethod(alwaysRun = true)
    public void closeIt() {
        KitchenClock.moveTo(null);
        device.close();
        kitchen.close();
    }

    private String name() {
        return getClass().getSimpleName();
    }

    void start(int at) {
        kitchen = start(name(), "--server.port=" + at);
    }

    String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }
}
