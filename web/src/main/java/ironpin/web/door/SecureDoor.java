package ironpin.web.door;

import ironpin.web.kitchen.KitchenSettings;
import java.io.IOException;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.TreeSet;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.connector.Connector;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * A second door, enciphered, where other devices reach this kitchen: what browsers allow to secure pages only works behind it. It opens
 * when the kitchen stands, and a kitchen whose second door cannot be opened stands all the same.
 */
@Component
@Lazy(false)
class SecureDoor {
    private static final Logger LOG = LoggerFactory.getLogger(SecureDoor.class);

    private final Reached reached;
    private final WebServerApplicationContext server;
    private final KitchenSettings settings;
    private final String bound;
    private final Duration patience;
    private final Clock clock;
    private volatile int port;
    private volatile X509Certificate authority;

    SecureDoor(
            Reached reached,
            WebServerApplicationContext server,
            KitchenSettings settings,
            @Value("${server.address:127.0.0.1}") String bound,
            @Value("${server.tomcat.connection-timeout}") Duration patience,
            Clock clock) {
        this.patience = patience;
        this.reached = reached;
        this.server = server;
        this.settings = settings;
        this.bound = bound;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(0)
    void open() {
        if (reached.hosts().isEmpty() || !(server.getWebServer() instanceof TomcatWebServer tomcat)) {
            return;
        }
        try {
            HouseCertificate house =
                    HouseCertificate.of(settings.data(), new TreeSet<>(reached.hosts()), clock.instant());
            Connector door = door(house, tomcat.getPort() + 1);
            tomcat.getTomcat().getService().addConnector(door);
            if (door.getState() == LifecycleState.STARTED) {
                port = door.getLocalPort();
                authority = house.authority();
            } else {
                tomcat.getTomcat().getService().removeConnector(door);
                LOG.warn("Port {} is taken, so there are no secure pages.", tomcat.getPort() + 1);
            }
        } catch (IOException | GeneralSecurityException odd) {
            LOG.warn("There are no secure pages: the house's certificate could not be made or read.", odd);
        }
    }

    private Connector door(HouseCertificate house, int at) {
        Connector door = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        door.setPort(at);
        door.setSecure(true);
        door.setScheme("https");
        door.setProperty("address", bound);
        door.setProperty("SSLEnabled", "true");
        door.setProperty("connectionTimeout", String.valueOf(patience.toMillis()));
        SSLHostConfig host = new SSLHostConfig();
        SSLHostConfigCertificate shown = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.EC);
        shown.setCertificateKeystore(house.store());
        shown.setCertificateKeystorePassword(new String(HouseCertificate.PASSWORD));
        shown.setCertificateKeyAlias(HouseCertificate.DOOR);
        host.addCertificate(shown);
        door.addSslHostConfig(host);
        return door;
    }

    /** What a device is told to trust; nothing where there is no such door. */
    Optional<X509Certificate> authority() {
        return Optional.ofNullable(authority);
    }

    /** The first address behind it, as in "https://192.168.1.20:8643"; nothing where there is no such door. */
    Optional<String> address() {
        return authority().map(is -> "https://" + reached.hosts().get(0) + ":" + port);
    }
}
