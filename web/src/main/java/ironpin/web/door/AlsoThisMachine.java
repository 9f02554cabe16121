package ironpin.web.door;

import ironpin.web.kitchen.OwnAddresses;
import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Told to listen on one address of the house, it listens on the loopback address too: codes are shown there. */
@Component
class AlsoThisMachine implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final String bound;
    private final int port;

    AlsoThisMachine(@Value("${server.address:127.0.0.1}") String bound, @Value("${server.port:8642}") int port) {
        this.bound = bound;
        this.port = port;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!OwnAddresses.loopback(bound) && !OwnAddresses.everywhere(bound) && port > 0) {
            Connector loopback = new Connector("org.apache.coyote.http11.Http11NioProtocol");
            loopback.setPort(port);
            loopback.setProperty("address", "127.0.0.1");
            factory.addAdditionalConnectors(loopback);
        }
    }
}
