package ironpin.web;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;

/** A kitchen of a test's own, which is closed and opened again under the pages of a device that keeps what it looked at. */
abstract class OwnKitchen extends OpenKitchen {
    private final Path data;
    private final int width;
    private final int height;

    ConfigurableApplicationContext kitchen;
    BrowserContext device;
    int port;

    OwnKitchen(String folder, int width, int height) {
        this.data = Path.of("target", folder);
        this.width = width;
        this.height = height;
    }

    @BeforeMethod
    public void openAKitchenOfItsOwn() throws IOException {
        empty(data);
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

    void start(int at) {
        kitchen = SpringApplication.run(
                Ironpin.class, "--server.port=" + at, "--ironpin.demo=true", "--ironpin.data=" + data.toAbsolutePath());
    }

    String at(String path) {
        return "http://127.0.0.1:" + port + path;
    }
}
